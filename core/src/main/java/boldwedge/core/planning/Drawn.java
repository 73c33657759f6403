package boldwedge.core.planning;

import boldwedge.core.language.drawing.Scene;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A drawing that is drawn when it is looked at for the first time: most answers are asked for one station's only. For one thread. */
public final class Drawn {
    private final String id;
    private final Supplier<Scene> draw;
    private @Nullable Scene scene;

    private Drawn(String id, Supplier<Scene> draw) {
        this.id = id;
        this.draw = draw;
    }

    /**
     * A drawing to be drawn.
     *
     * @param id the id that the scene will have
     */
    public static Drawn of(String id, Supplier<Scene> draw) {
        return new Drawn(id, draw);
    }

    public String id() {
        return id;
    }

    /** The drawing itself. */
    public Scene scene() {
        Scene drawn = scene == null ? draw.get() : scene;
        scene = drawn;
        return drawn;
    }
}
