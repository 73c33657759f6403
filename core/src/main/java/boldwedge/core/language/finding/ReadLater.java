package boldwedge.core.language.finding;

import java.util.AbstractList;
import java.util.List;
import java.util.RandomAccess;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A list that is worked out when it is first read. What it is worked out from must not change; two threads that read it first at the same
 * time may both work it out, to the same.
 */
final class ReadLater<T> extends AbstractList<T> implements RandomAccess {
    private final Supplier<List<T>> workedOut;
    private @Nullable List<T> read;

    ReadLater(Supplier<List<T>> workedOut) {
        this.workedOut = workedOut;
    }

    private List<T> all() {
        List<T> all = read;
        if (all == null) {
            all = List.copyOf(workedOut.get());
            read = all;
        }
        return all;
    }

    @Override
    public T get(int index) {
        return all().get(index);
    }

    @Override
    public int size() {
        return all().size();
    }
}
