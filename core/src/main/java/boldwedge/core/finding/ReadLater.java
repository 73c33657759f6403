package boldwedge.core.finding;

import java.util.AbstractList;
import java.util.ArrayList;
import java.util.List;
import java.util.RandomAccess;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A list whose parts are worked out when the first of them is read, and then all at once. What they are worked out from must not change;
 * two threads that read it first at the same time may both work it out, to the same.
 */
final class ReadLater<T> extends AbstractList<T> implements RandomAccess {
    private final List<Supplier<T>> parts;
    private @Nullable List<T> read;

    ReadLater(List<? extends Supplier<T>> parts) {
        this.parts = List.copyOf(parts);
    }

    @Override
    public T get(int index) {
        List<T> all = read;
        if (all == null) {
            all = new ArrayList<>(parts.size());
            for (Supplier<T> part : parts) {
                all.add(part.get());
            }
            all = List.copyOf(all);
            read = all;
        }
        return all.get(index);
    }

    @Override
    public int size() {
        return parts.size();
    }
}
