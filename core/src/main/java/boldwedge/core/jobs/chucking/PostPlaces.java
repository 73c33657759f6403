package boldwedge.core.jobs.chucking;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Which tool stands in which place of the post. Where there are more tools than places, the one that is wanted again last makes room:
 * no other choice changes tools less often (L. A. Belady, A study of replacement algorithms, IBM Systems Journal 5, 1966).
 *
 * @param steps for each tool asked for, in order, its place
 */
public record PostPlaces(List<Seat> steps) {
    /**
     * A tool at its place.
     *
     * @param place from 1
     * @param mounted whether it is put in here, and is not there yet
     * @param out the tool that makes room for it; empty where none has to
     */
    public record Seat(int place, boolean mounted, String out) {}

    /**
     * Seats tools.
     *
     * @param tools as they are wanted, one after the other
     * @param places how many the post holds ready, at least 1
     */
    public static PostPlaces of(List<String> tools, int places) {
        Map<String, Integer> held = new LinkedHashMap<>();
        List<Seat> steps = new ArrayList<>();
        for (int at = 0; at < tools.size(); at++) {
            String tool = tools.get(at);
            Integer place = held.get(tool);
            if (place != null) {
                steps.add(new Seat(place, false, ""));
                continue;
            }
            String out = held.size() < places ? "" : wantedLast(held, tools, at);
            int free = out.isEmpty() ? held.size() + 1 : Objects.requireNonNull(held.remove(out));
            held.put(tool, free);
            steps.add(new Seat(free, true, out));
        }
        return new PostPlaces(List.copyOf(steps));
    }

    private static String wantedLast(Map<String, Integer> held, List<String> tools, int now) {
        String last = "";
        int farthest = -1;
        for (String tool : held.keySet()) {
            int next = tools.subList(now, tools.size()).indexOf(tool);
            int wanted = next < 0 ? Integer.MAX_VALUE : next;
            if (wanted > farthest) {
                farthest = wanted;
                last = tool;
            }
        }
        return last;
    }

    /** How often a tool is put in. */
    public long mountings() {
        return steps.stream().filter(Seat::mounted).count();
    }
}
