package boldwedge.core.families.threading.entry;

import static boldwedge.core.families.threading.entry.ThreadField.*;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.families.threading.model.ThreadJob.End;
import boldwedge.core.families.threading.model.ThreadJob.Side;
import boldwedge.core.families.threading.model.ThreadJob.Steps;
import boldwedge.core.families.threading.model.ThreadJob.Tool;
import boldwedge.core.families.threading.model.ThreadJob.Way;
import boldwedge.core.families.threading.model.ThreadJobBuilder;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.ThreadCall;
import boldwedge.core.language.measure.ThreadText;
import boldwedge.core.language.stock.BarMaterial;
import boldwedge.core.language.stock.EdgeHardness;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.thread.ThreadForm;
import boldwedge.core.mechanics.thread.ThreadLimits;
import boldwedge.core.mechanics.thread.ThreadSize;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import java.util.Optional;

/** Reads a thread to be cut. */
public final class ThreadReader extends FieldReader {
    private static final double LEAST_WALL_MM = 0.5;

    /** Class in force, once it was read. */
    private String className = "";

    private ThreadReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works its thread out. */
    public static Read<ThreadCut> cut(PlanRequest request) {
        ThreadReader reader = new ThreadReader(request);
        Optional<ThreadCut> cut = reader.read().map(ThreadCut::of);
        return new Read<>(reader.states(), reader.hasErrors() ? Optional.empty() : cut);
    }

    private Optional<ThreadJob> read() {
        StockCatalogue.shipped()
                .workMaterial(choiceText(MATERIAL))
                .filter(work -> !EdgeHardness.HIGH_SPEED.standsIn(work))
                .ifPresent(hard -> unlessPicked(TOOL, Optional.of(Entry.choice(Tool.BRAZED))));
        readAll(values());
        Optional<ThreadCall> call = thread();
        Optional<Side> side = found(SIDE, Side.class);
        if (call.isEmpty() || side.isEmpty()) {
            return Optional.empty();
        }
        whole(STARTS);
        whole(PASSES);
        whole(SPRING);
        ThreadForm form = ThreadJob.form(call.get().series());
        boolean inside = side.get() == Side.INSIDE;
        int starts = (int) Math.rint(typed(STARTS).orElse(1));
        if (call.get().starts() > 1 && starts > 1 && starts != call.get().starts()) {
            wrong(STARTS, "The thread itself says " + call.get().starts() + " starts.");
        }
        ThreadSize size = new ThreadSize(
                form,
                call.get().majorMm(),
                call.get().pitchMm(),
                Math.max(starts, call.get().starts()));
        Optional<ThreadLimits> limits = limits(call.get(), size, inside);
        insert(
                found(TOOL, Tool.class),
                inside,
                choiceText(HAND).equals("left") || call.get().left());
        if (hasErrors()) {
            return Optional.empty();
        }
        check(size, inside);
        if (hasErrors()) {
            return Optional.empty();
        }
        return Optional.of(ThreadJobBuilder.builder()
                .call(call.get())
                .size(size)
                .className(className)
                .limits(limits)
                .side(side.get())
                .left(choiceText(HAND).equals("left") || call.get().left())
                .lengthMm(value(LENGTH))
                .end(picked(END, End.class))
                .grooveMm(typed(GROOVE))
                .blankMm(typed(BLANK))
                .outsideMm(typed(OUTSIDE))
                .work(picked(MATERIAL, WorkMaterial.class))
                .lathe(request.lathe().orElseThrow())
                .edge(new ThreadJob.Edge(
                        picked(TOOL, Tool.class),
                        typed(ANGLE),
                        typed(FLAT),
                        typed(RADIUS),
                        value(RAKE),
                        value(CLEARANCE),
                        typed(LEADING),
                        typed(TRAILING),
                        value(HEIGHT),
                        value(YAW),
                        value(FINEST),
                        value(COARSEST),
                        typed(COST),
                        value(EDGES),
                        typed(PER_EDGE)))
                .reach(new ThreadJob.Reach(
                        picked(HELD, Hold.class),
                        typed(STICK_OUT),
                        picked(BAR_MATERIAL, BarMaterial.class),
                        typed(BAR),
                        typed(BAR_POINT),
                        value(BAR_BELOW),
                        typed(BAR_OUT)))
                .cutting(new ThreadJob.Cutting(
                        picked(WAY, Way.class), picked(STEPS, Steps.class), typed(PASSES), typed(SPRING), typed(SPEED)))
                .wireMm(typed(WIRE))
                .build());
    }

    private Optional<ThreadCall> thread() {
        String typed = request.text(THREAD);
        String text = typed.isEmpty() ? THREAD.usual(units) : typed;
        return switch (ThreadText.parse(text, units)) {
            case Parsed.Wrong<ThreadCall> wrong -> {
                states().put(THREAD, FieldState.wrong(THREAD, typed, wrong.sentence()));
                yield Optional.empty();
            }
            case Parsed.Good<ThreadCall>(ThreadCall call) -> {
                states().put(
                                THREAD,
                                FieldState.plain(
                                        THREAD,
                                        typed,
                                        text,
                                        call.name() + (call.left() ? " LH" : ""),
                                        "",
                                        typed.isEmpty(),
                                        ""));
                yield Optional.of(call);
            }
        };
    }

    /** The class that was typed, said with the thread, or usual; and its limits. */
    private Optional<ThreadLimits> limits(ThreadCall call, ThreadSize size, boolean inside) {
        String typed = request.text(CLASS);
        ThreadClassReader.Read read =
                ThreadClassReader.of(call, size, inside, typed.isEmpty() ? call.className() : typed);
        className = read.name();
        if (!read.wrong().isEmpty()) {
            wrongClass(read.wrong());
        }
        Optional<ThreadLimits> limits = read.limits();
        if (!states().containsKey(CLASS)) {
            String fits = limits.isPresent() ? "the one that there is" : "to fit its mate";
            String shown = className.isEmpty() ? fits : className;
            states().put(CLASS, FieldState.plain(CLASS, typed, className, shown, "", typed.isEmpty(), ""));
        }
        return limits;
    }

    private void wrongClass(String sentence) {
        if (request.text(CLASS).isEmpty()) {
            wrong(THREAD, sentence);
            states().put(CLASS, FieldState.plain(CLASS, "", "", "", "", true, ""));
        } else {
            wrong(CLASS, sentence);
        }
    }

    /** An insert cuts one side and one hand; the others are its mirror images. */
    private void insert(Optional<Tool> tool, boolean inside, boolean left) {
        if (tool.isEmpty() || !tool.get().insert()) {
            return;
        }
        String needs = (left ? "left" : "right") + (inside ? "-inside" : "-outside");
        if (request.text(INSERT_IS).isEmpty()) {
            states().put(INSERT_IS, FieldState.plain(INSERT_IS, needs, needs, words(needs), "", true, ""));
        } else if (!request.text(INSERT_IS).equals(needs)) {
            wrong(
                    INSERT_IS,
                    "This thread wants an insert for “" + words(needs)
                            + "”: the other is its mirror image, its point lies on the other side. It cuts this one only upside down behind the work, or run the other way.");
        }
    }

    private static String words(String id) {
        return INSERT_IS.choices().stream()
                .filter(choice -> choice.id().equals(id))
                .findFirst()
                .orElseThrow()
                .words();
    }

    private void check(ThreadSize size, boolean inside) {
        typed(OUTSIDE).ifPresent(outside -> {
            double wall = inside ? (outside - size.insideRootMm()) / 2 : outside - size.majorMm();
            if (inside && wall < LEAST_WALL_MM) {
                wrong(
                        OUTSIDE,
                        "The thread is deeper than the wall: its root is at " + length(size.insideRootMm())
                                + ". At least " + length(size.insideRootMm() + 2 * size.pitchMm())
                                + " outside leaves a wall of a pitch.");
            } else if (!inside && wall < -1e-6) {
                wrong(
                        OUTSIDE,
                        "Work of " + length(outside) + " is thinner than the thread, which is " + length(size.majorMm())
                                + ".");
            }
        });
        typed(BLANK).ifPresent(blank -> {
            if (inside ? blank >= size.majorMm() : blank <= size.rootMm()) {
                wrong(
                        BLANK,
                        inside
                                ? "A hole of " + length(blank) + " is as large as the thread: bore to "
                                        + length(size.minorMm()) + " or a little more."
                                : "A blank of " + length(blank) + " is thinner than the thread’s root: turn to "
                                        + length(size.majorMm()) + " or a little less.");
            } else if (inside && blank < size.minorMm() - size.pitchMm()) {
                wrong(
                        BLANK,
                        "A hole of " + length(blank) + " is far too small: bore it to about " + length(size.minorMm())
                                + " first.");
            } else if (!inside && blank > size.majorMm() + size.pitchMm()) {
                wrong(
                        BLANK,
                        "A blank of " + length(blank) + " is far too thick: turn it to about " + length(size.majorMm())
                                + " first.");
            }
        });
        if (value(FINEST) > value(COARSEST)) {
            wrong(FINEST, "The finest pitch is coarser than the coarsest: swap them.");
        }
        double flat = typed(FLAT).orElse(0);
        if (flat > 0 && typed(RADIUS).orElse(0) > 0) {
            wrong(FLAT, "A tip is flat or round: leave the flat empty, or the radius.");
        }
        double widest = size.pitchMm() * (1 - size.form().crestShare());
        if (flat >= 0.6 * widest) {
            wrong(
                    FLAT,
                    "A flat of " + length(flat) + " is wider than the groove’s bottom: at most about "
                            + length(size.pitchMm() * 0.25) + ".");
        }
    }
}
