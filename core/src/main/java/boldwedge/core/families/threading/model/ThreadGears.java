package boldwedge.core.families.threading.model;

import boldwedge.core.mechanics.cutting.ScrewCutting;
import boldwedge.core.mechanics.thread.GearTrain;
import boldwedge.core.mechanics.thread.ThreadDial;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How the lathe is geared for a lead.
 *
 * @param leadMm lead wanted, mm
 * @param boxMm lead that the box is set to; empty without a box
 * @param train wheels between spindle and box or screw; empty where the box gives it with the wheels that stand on it
 * @param cutsMm lead that comes out, mm; 0 where the card says nothing
 * @param dial the thread dial, where the card tells it
 */
public record ThreadGears(
        double leadMm, Optional<Double> boxMm, Optional<GearTrain> train, double cutsMm, Optional<ThreadDial> dial) {
    private static final double SAME = 1e-6;

    /** Change wheels are to be had from so many teeth to so many. */
    private static final int FEWEST_TEETH = 20;

    private static final int MOST_TEETH = 127;

    /** So many leads of the box are tried with compound trains. */
    private static final int COMPOUND_TRIED = 4;

    /** The best that a card offers. */
    public static ThreadGears of(double leadMm, ScrewCutting card) {
        Optional<ThreadDial> dial =
                card.dialTeeth().isPresent() && card.leadScrewMm().isPresent()
                        ? Optional.of(new ThreadDial(
                                card.dialTeeth().getAsInt(),
                                card.dialMarks().orElse(1),
                                card.leadScrewMm().getAsDouble()))
                        : Optional.empty();
        Optional<Double> box = card.inBox(leadMm);
        if (box.isPresent()) {
            return new ThreadGears(leadMm, box, Optional.empty(), box.get(), dial);
        }
        Optional<ThreadGears> best = Optional.empty();
        if (card.wheels().size() >= 2
                && card.boxMm().isEmpty()
                && card.leadScrewMm().isPresent()) {
            double screw = card.leadScrewMm().getAsDouble();
            best = GearTrain.best(card.wheels(), leadMm / screw)
                    .map(train ->
                            new ThreadGears(leadMm, Optional.empty(), Optional.of(train), train.ratio() * screw, dial));
        }
        if (!card.boxMm().isEmpty() && card.wheels().size() >= 2) {
            best = beforeTheBox(leadMm, card, dial);
        }
        Optional<ThreadGears> plain = card.boxMm().stream()
                .min(Comparator.comparingDouble(lead -> Math.abs(lead / leadMm - 1)))
                .map(lead -> new ThreadGears(leadMm, Optional.of(lead), Optional.empty(), lead, dial));
        return better(best, plain)
                .orElseGet(() -> new ThreadGears(leadMm, Optional.empty(), Optional.empty(), 0, dial));
    }

    /** Wheels before the box: a simple train with whichever lead of the box comes out right, else a compound one with those that are near. */
    private static Optional<ThreadGears> beforeTheBox(double leadMm, ScrewCutting card, Optional<ThreadDial> dial) {
        List<Double> near = card.boxMm().stream()
                .sorted(Comparator.comparingDouble(lead -> Math.abs(Math.log(lead / leadMm))))
                .toList();
        Optional<ThreadGears> best = Optional.empty();
        for (double inBox : near) {
            best = better(
                    best,
                    GearTrain.simplest(card.wheels(), leadMm / inBox).map(train -> geared(leadMm, inBox, train, dial)));
        }
        for (double inBox : near.subList(0, Math.min(COMPOUND_TRIED, near.size()))) {
            if (best.isEmpty() || !best.get().exact()) {
                best = better(
                        best,
                        GearTrain.best(card.wheels(), leadMm / inBox).map(train -> geared(leadMm, inBox, train, dial)));
            }
        }
        return best;
    }

    private static ThreadGears geared(double leadMm, double inBox, GearTrain train, Optional<ThreadDial> dial) {
        return new ThreadGears(leadMm, Optional.of(inBox), Optional.of(train), train.ratio() * inBox, dial);
    }

    /**
     * A wheel that would bring the lead nearer.
     *
     * @param teeth of it
     * @param gears how the lathe would be geared with it
     */
    public record AnotherWheel(int teeth, ThreadGears gears) {}

    /** Of wheels that are to be had the one that would bring the lead nearest, of as good ones the smallest; empty where the card tells of no wheels. */
    public static Optional<AnotherWheel> anotherWheel(double leadMm, ScrewCutting card) {
        if (card.wheels().size() < 2) {
            return Optional.empty();
        }
        Optional<AnotherWheel> best = Optional.empty();
        for (int teeth = FEWEST_TEETH; teeth <= MOST_TEETH; teeth++) {
            AnotherWheel with = new AnotherWheel(teeth, of(leadMm, card.withWheel(teeth)));
            if (with.gears().exact()) {
                return Optional.of(with);
            }
            if (best.isEmpty()
                    || Math.abs(with.gears().error())
                            < Math.abs(best.get().gears().error()) - SAME) {
                best = Optional.of(with);
            }
        }
        return best;
    }

    private static Optional<ThreadGears> better(Optional<ThreadGears> one, Optional<ThreadGears> other) {
        return one.isEmpty()
                ? other
                : other.isEmpty()
                                || Math.abs(one.get().error())
                                        <= Math.abs(other.get().error()) + 1e-12
                        ? one
                        : other;
    }

    /** Whether the card tells how it is geared. */
    public boolean known() {
        return cutsMm > 0;
    }

    /** Relative error of the lead. */
    public double error() {
        return known() ? cutsMm / leadMm - 1 : 0;
    }

    /** Whether it comes out right. */
    public boolean exact() {
        return known() && Math.abs(error()) < SAME;
    }

    /** Error over a length of thread, mm. */
    public double errorMm(double lengthMm) {
        return error() * lengthMm;
    }
}
