package boldwedge.server.week;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The shop's week.
 *
 * @param version rises with each save
 * @param persons who works when
 * @param places what stands there beside the machines that have cards
 */
public record Week(int version, List<Worker> persons, List<Place> places) {
    /**
     * Somebody who works.
     *
     * @param id stable name
     * @param name what they are called
     * @param hours by day of the week, MONDAY to SUNDAY: "7:00-12:00, 12:30-16:00"; a day that is missing is free
     * @param away when they are not there all the same
     */
    public record Worker(String id, String name, Map<String, String> hours, List<Away> away) {}

    /**
     * A time in which somebody is not there.
     *
     * @param from when it begins, by the shop's clock
     * @param to when it ends
     */
    public record Away(
            @Nullable LocalDateTime from, @Nullable LocalDateTime to) {}

    /**
     * A place.
     *
     * @param id stable name
     * @param name what it is called
     * @param kind furnace, oven, grinder, drill, saw, lathe, mill, shaper or other
     */
    public record Place(String id, String name, String kind) {}

    /** A shop of one, before anybody has said anything of it. */
    static Week usual() {
        String day = "7:00-12:00, 12:30-16:00";
        return new Week(
                0,
                List.of(new Worker(
                        "me",
                        "Me",
                        Map.of("MONDAY", day, "TUESDAY", day, "WEDNESDAY", day, "THURSDAY", day, "FRIDAY", day),
                        List.of())),
                List.of(
                        new Place("furnace", "Furnace", "furnace"),
                        new Place("oven", "Temper oven", "oven"),
                        new Place("grinder", "Bench grinder", "grinder"),
                        new Place("drill", "Drill press", "drill"),
                        new Place("saw", "Saw", "saw")));
    }
}
