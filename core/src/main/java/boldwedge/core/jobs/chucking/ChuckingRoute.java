package boldwedge.core.jobs.chucking;

import boldwedge.core.jobs.chucking.ChuckingAnswer.Doubt;
import boldwedge.core.jobs.chucking.ChuckingAnswer.StepTold;
import boldwedge.core.jobs.chucking.PlacedCut.Part;
import boldwedge.core.jobs.chucking.PostPlaces.Seat;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.Dial;
import boldwedge.core.planning.OnWork;
import boldwedge.core.planning.OnWork.Kind;
import boldwedge.core.planning.OnWork.Surface;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Puts the route of one chucking into words: steps, tools at their places, dials, what it comes to. */
final class ChuckingRoute {
    /** To set a tool in the post and touch off with it, minutes (habit). */
    private static final double MOUNT_MIN = 3;

    /** To change what the tailstock holds, minutes (habit). */
    private static final double TAILSTOCK_MIN = 1;

    /** To turn the post or run the carriage up, minutes a step (habit). */
    private static final double APPROACH_MIN = 0.5;

    /** To measure what has a tolerance, minutes (habit). */
    private static final double MEASURE_MIN = 1.5;

    /** To clean an end, to centre-drill it, to bring the centre up, minutes (habit). */
    private static final double SHORT_MIN = 0.5;

    private static final String ENDS_ZERO =
            "Set the carriage’s dial or stop to 0 at the faced end: all lengths count from there.";

    private static final String KEY_OUT =
            "Key out of the chuck, the jaws clear of everything for a whole turn by hand.";

    private static final String CENTRE_DRILL = "centre drill";

    private final List<WalkedCut> route;
    private final Map<String, String> names;
    private final UnitFormat say;
    private final double stockMm;
    private final double freeMm;
    private final Lathe lathe;
    private final WorkMaterial material;
    private final Dial dial;
    /** Tools in the post, step after step. */
    private final List<String> tools;

    private final PostPlaces places;
    /** Whether one of the cuts faces the end; else it is done first all the same. */
    private final boolean faced;

    private final List<StepTold> steps = new ArrayList<>();
    /** Diameter at which a tool's dial stands at zero, by tool. */
    private final Map<String, Double> zeros = new HashMap<>();

    ChuckingRoute(
            List<WalkedCut> route,
            Map<String, String> names,
            UnitFormat say,
            double stockMm,
            double freeMm,
            Lathe lathe,
            WorkMaterial material) {
        this.route = route;
        this.names = names;
        this.say = say;
        this.stockMm = stockMm;
        this.freeMm = freeMm;
        this.lathe = lathe;
        this.material = material;
        dial = Dial.cross(lathe.screw());
        faced = route.stream().anyMatch(one -> one.cut().stage() == Stage.FACE);
        tools = Stream.concat(
                        faced ? Stream.empty() : Stream.of(facingTool()),
                        route.stream()
                                .map(one -> one.cut().on())
                                .filter(on -> !on.tailstock())
                                .map(OnWork::tool))
                .toList();
        places = PostPlaces.of(tools, lathe.bed().postPlacesOrUsual());
    }

    ChuckingAnswer answer(List<Doubt> doubts, List<Doubt> leftOut) {
        int seat = 0;
        if (!faced) {
            face(places.steps().get(seat++));
        }
        boolean centred = false;
        boolean drilled = false;
        for (WalkedCut one : route) {
            PlacedCut cut = one.cut();
            if (!drilled && cut.stage() == Stage.DRILL && one.metMm() <= 0) {
                centreDrill("A drill that starts on a bare end runs off its axis.");
                drilled = true;
            }
            if (cut.on().centred() && !centred) {
                if (!drilled) {
                    centreDrill("The tailstock’s centre runs in it.");
                    drilled = true;
                }
                centreUp();
                centred = true;
            }
            if (cut.on().tailstock()) {
                step(one, "tailstock", tailstockLines(one));
            } else {
                Seat at = places.steps().get(seat++);
                step(one, place(at), postLines(one, at));
            }
        }
        double cutting = steps.stream().mapToDouble(StepTold::minutes).sum();
        long measured = route.stream().filter(ChuckingRoute::isMeasured).count();
        long tail = route.stream().filter(one -> one.cut().on().tailstock()).count();
        double setUp = MOUNT_MIN * places.mountings();
        double piece = cutting + APPROACH_MIN * steps.size() + MEASURE_MIN * measured + TAILSTOCK_MIN * tail;
        return new ChuckingAnswer(
                Map.of(),
                held(),
                freeMm,
                List.copyOf(steps),
                doubts,
                leftOut,
                sums(cutting, setUp, piece),
                setUp,
                piece);
    }

    private String held() {
        return Written.words(
                "%s%s on %s, %s out of the chuck: as little as the cuts leave room for, for it bends by the cube of that.",
                material.name(),
                stockMm > 0 ? ", " + say.length(stockMm) + " across," : "",
                lathe.name(),
                say.length(freeMm));
    }

    private List<String> sums(double cutting, double setUp, double piece) {
        List<String> all = new ArrayList<>();
        long different = tools.stream().distinct().count();
        int room = lathe.bed().postPlacesOrUsual();
        all.add(Written.words(
                "%s of cutting; with measuring and changing about %s a piece, and %s once to set the tools (habits of small shops).",
                say.time(cutting), Written.places(piece, 0) + " min", Written.places(setUp, 0) + " min"));
        String holds = Written.words(
                "%s in the post, which holds %s%s.",
                different == 1 ? "One tool" : different + " tools",
                room,
                lathe.bed().postPlaces().isPresent() ? "" : " (assumed: its card does not say)");
        all.add(
                places.mountings() > different
                        ? holds
                                + Written.words(
                                        " Tools are put in %s times: no order of these cuts’ tools does with fewer; where it can be, set those back to a stop so that their zero stays.",
                                        places.mountings())
                        : holds);
        return List.copyOf(all);
    }

    /** The first that turns: it faces as well. */
    private String facingTool() {
        return route.stream()
                .map(WalkedCut::cut)
                .filter(cut -> cut.on().kind() == Kind.TURN)
                .map(cut -> cut.on().tool())
                .findFirst()
                .orElse("facing tool");
    }

    private void face(Seat at) {
        steps.add(new StepTold(
                "face-first",
                "",
                "Face the end, just so that it is clean",
                facingTool(),
                place(at),
                List.of(setIn(at), ENDS_ZERO),
                "",
                Stage.FACE.words(),
                List.of(KEY_OUT),
                SHORT_MIN));
    }

    private void centreDrill(String why) {
        steps.add(new StepTold(
                "centre-drill",
                "",
                "Centre-drill the end",
                CENTRE_DRILL,
                "tailstock",
                List.of("To two thirds of its cone; a drop of oil, and clear the chips."),
                "",
                why,
                List.of(),
                SHORT_MIN));
    }

    private void centreUp() {
        steps.add(new StepTold(
                "centre-up",
                "",
                "Bring the tailstock’s centre up",
                "live centre",
                "tailstock",
                List.of("Quill out no further than it must be; turn the work by hand, then lock quill and tailstock."),
                "",
                Stage.CENTRE_UP.words(),
                List.of(),
                SHORT_MIN));
    }

    private void step(WalkedCut walked, String place, List<String> lines) {
        PlacedCut cut = walked.cut();
        steps.add(new StepTold(
                cut.cut() + "-"
                        + cut.stage().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
                cut.cut(),
                title(cut),
                cut.on().tool(),
                place,
                lines,
                isMeasured(walked) ? check(cut) : "",
                cut.stage().words(),
                cautions(cut.on()),
                cut.minutes()));
    }

    private static boolean isMeasured(WalkedCut walked) {
        return walked.cut().on().toleranceMm() > 0 && walked.cut().part() != Part.ROUGHED;
    }

    private String check(PlacedCut cut) {
        return Written.words(
                "Measure it here, in the chuck and cool: %s within %s.",
                say.length(cut.afterMm()), say.length(cut.on().toleranceMm()));
    }

    private String title(PlacedCut cut) {
        OnWork on = cut.on();
        String before = say.length(cut.beforeMm());
        String after = say.length(cut.afterMm());
        String to = along(on.reachMm());
        String name = names.getOrDefault(cut.cut(), "");
        String what = switch (on.kind()) {
            case FACE -> Written.words("Face %s off the end", to);
            case TURN ->
                Written.words(
                        "%s %s to %s, over %s",
                        switch (cut.part()) {
                            case WHOLE -> "Turn";
                            case ROUGHED -> "Rough";
                            case FINISHED -> "Finish";
                        },
                        before,
                        after,
                        to);
            case SHAVE -> Written.words("Shave to %s, over %s", after, to);
            case GROOVE ->
                on.fromMm() > 0
                        ? Written.words("Groove down to %s, from %s to %s", after, along(on.fromMm()), to)
                        : Written.words("Groove down to %s, %s wide", after, to);
            case FORM -> Written.words("Plunge the form, from %s to %s", along(on.fromMm()), to);
            case OUTSIDE_THREAD -> Written.words("Cut the thread on %s, over %s", before, to);
            case FACE_GROOVE -> Written.words("Groove the face at %s, %s deep", before, to);
            case DRILL -> Written.words("Drill %s, %s deep", after, to);
            case BORE -> Written.words("Bore %s to %s, %s deep", before, after, to);
            case REAM -> Written.words("Ream %s, %s deep", after, to);
            case COUNTERBORE -> Written.words("Counterbore %s, %s deep", after, to);
            case RECESS -> Written.words("Recess to %s, from %s to %s", after, along(on.fromMm()), to);
            case INSIDE_THREAD -> Written.words("Cut the thread in %s, over %s", before, to);
            case KEYWAY -> Written.words("Keyway in %s, over %s", before, to);
            case PART -> Written.words("Part off at %s", along(on.fromMm()));
        };
        return name.isEmpty() ? what : what + " (" + name + ")";
    }

    private List<String> tailstockLines(WalkedCut walked) {
        OnWork on = walked.cut().on();
        List<String> lines = new ArrayList<>();
        if (on.kind() == Kind.DRILL && on.beforeMm() > walked.metMm()) {
            lines.add("First a pilot of " + say.length(on.beforeMm()) + ", as deep.");
        }
        lines.add(say.rpm(on.rpm()) + ".");
        lines.add(Written.words(
                "%s turns of the tailstock’s handle from where it touches, one in %s%s.",
                say.number(on.reachMm() / lathe.tailHandleOrUsual(), 1),
                say.time(lathe.tailHandleOrUsual() / (on.feedMm() * on.rpm())),
                lathe.tailHandleMm().isPresent()
                        ? ""
                        : ", at an assumed " + say.length(lathe.tailHandleOrUsual()) + " a turn"));
        return List.copyOf(lines);
    }

    private static String place(Seat at) {
        return "place " + at.place() + " of the post";
    }

    private static String setIn(Seat at) {
        return Written.words(
                "Set it in place %s%s.",
                at.place(), at.out().isEmpty() ? "" : ", where the " + at.out() + " makes room");
    }

    /** A place along the work: no finer than it is set there. */
    private String along(double mm) {
        return say.length(Math.rint(mm * 10) / 10);
    }

    private List<String> postLines(WalkedCut walked, Seat seat) {
        PlacedCut cut = walked.cut();
        OnWork on = cut.on();
        List<String> lines = new ArrayList<>();
        if (seat.mounted()) {
            zeros.remove(on.tool());
            lines.add(setIn(seat));
        }
        if (on.rpm() > 0) {
            lines.add(running(on));
        }
        if (on.kind() == Kind.TURN && on.passes().rough() > 0 && cut.part() != Part.FINISHED) {
            lines.add(Written.words(
                    "%s; %s stays for the last.",
                    on.passes().rough() == 1 ? "1 roughing pass" : on.passes().rough() + " roughing passes",
                    say.length(on.passes().leavesMm())));
        }
        if (on.kind() == Kind.BORE && on.passes().rough() > 0) {
            lines.add(Written.words(
                    "%s roughing passes, then let it cool before the last: %s stays for it.",
                    on.passes().rough(), say.length(on.passes().leavesMm())));
        }
        if (on.kind().surface() != Surface.END && on.kind() != Kind.KEYWAY && on.kind() != Kind.FORM) {
            cross(walked, lines);
        }
        if (on.kind() == Kind.FACE) {
            lines.add(ENDS_ZERO);
        }
        if (on.kind() == Kind.TURN || on.kind() == Kind.SHAVE || on.kind() == Kind.BORE) {
            lines.add("Along to " + along(on.reachMm()) + " from the faced end: set the carriage’s stop.");
        }
        return List.copyOf(lines);
    }

    /** The cross slide's dial: where its zero stands, and what it reads at the end of the cut. */
    private void cross(WalkedCut walked, List<String> lines) {
        PlacedCut cut = walked.cut();
        boolean hole = cut.on().kind().surface() == Surface.HOLE;
        double met = walked.metMm() > 0 ? walked.metMm() : cut.beforeMm();
        Double zero = zeros.get(cut.on().tool());
        double from = zero == null ? met : zero;
        zeros.put(cut.on().tool(), from);
        double way = (hole ? cut.afterMm() - from : from - cut.afterMm()) / 2;
        if (way <= 0) {
            return;
        }
        lines.add(Written.words(
                "%s; %s by %s in all.",
                zero == null
                        ? "Touch the " + (hole ? "hole" : "work") + " where it is " + say.length(from)
                                + ", cross slide’s dial to 0"
                        : "From the same zero, at " + say.length(from),
                hole ? "out" : "in",
                dial.says(way)));
    }

    private String running(OnWork on) {
        return on.feedMm() > 0
                ? Written.words("%s, %s a turn.", say.rpm(on.rpm()), say.length(on.feedMm()))
                : say.rpm(on.rpm()) + ".";
    }

    private static List<String> cautions(OnWork on) {
        return switch (on.kind()) {
            case FACE -> List.of(KEY_OUT);
            case KEYWAY ->
                List.of("Motor off at its switch and the spindle locked: nothing may turn while the carriage strokes.");
            case PART ->
                List.of("The piece falls: let it drop in a tray or on a rod through its bore, never into a hand.");
            case OUTSIDE_THREAD, INSIDE_THREAD ->
                List.of("Know how the carriage stops at the end before the half nut closes.");
            case DRILL ->
                List.of("Hold nothing by hand that may turn with the drill; clear chips with a hook or a brush.");
            default -> List.of();
        };
    }
}
