package boldwedge.core.jobs.model;

import java.util.List;

/**
 * What a lot takes: set-ups once and pieces each. A piece after the other every set-up is made anew, by set-up it is made once.
 *
 * @param operations in order
 * @param pieces how many
 */
public record Batch(List<Operation> operations, int pieces) {
    /** What the lot takes. */
    public static Batch of(Lot lot) {
        return new Batch(lot.operations(), lot.pieces());
    }

    /** Minutes of all set-ups together, Σ S; an operation in the holding of the one before it needs none of its own. */
    public double setUpsMin() {
        double sum = 0;
        for (int i = 0; i < operations.size(); i++) {
            sum += i > 0 && operations.get(i).sharesSetUp(operations.get(i - 1))
                    ? 0
                    : operations.get(i).setUpMin();
        }
        return sum;
    }

    /** Minutes of one piece in all its operations, Σ p: what another one costs. */
    public double anotherMin() {
        return operations.stream().mapToDouble(Operation::eachMin).sum();
    }

    /** Minutes one piece after the other, n (Σ S + Σ p). */
    public double oneAfterOtherMin() {
        return pieces * (setUpsMin() + anotherMin());
    }

    /** Minutes by set-up, Σ S + n Σ p. */
    public double bySetUpMin() {
        return setUpsMin() + pieces * anotherMin();
    }

    /** The last operation up to which the first piece goes alone; -1 where none is proved. */
    public int gauge() {
        for (int i = 0; i < operations.size(); i++) {
            if (operations.get(i).gauge()) {
                return i;
            }
        }
        return -1;
    }

    /** What the first piece costs by going alone: every set-up before its gauge is made a second time for the others. */
    public double firstAloneMin() {
        return pieces < 2
                ? 0
                : operations.stream()
                        .limit(Math.max(0, gauge()))
                        .mapToDouble(Operation::setUpMin)
                        .sum();
    }
}
