package boldwedge.core.jobs.chucking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class PostPlacesTest {
    @Test
    void toolsStandInThePlacesInTheOrderOfTheirFirstUse() {
        PostPlaces places = PostPlaces.of(List.of("turn", "bore", "turn", "part"), 4);
        assertThat(places.steps()).extracting(PostPlaces.Seat::place).containsExactly(1, 2, 1, 3);
        assertThat(places.mountings()).isEqualTo(3);
    }

    @Test
    void theOneThatIsWantedLastMakesRoom() {
        PostPlaces places = PostPlaces.of(List.of("turn", "bore", "groove", "turn", "bore"), 2);
        // Groove must come in: bore is wanted after turn, so bore goes.
        assertThat(places.steps().get(2)).isEqualTo(new PostPlaces.Seat(2, true, "bore"));
        assertThat(places.mountings()).isEqualTo(4);
    }

    @Test
    void noOtherChoiceOfWhatGoesChangesToolsLessOften() {
        Random random = new Random(2026);
        for (int i = 0; i < 400; i++) {
            List<String> tools = new ArrayList<>();
            int count = 3 + random.nextInt(7);
            for (int k = 0; k < count; k++) {
                tools.add("t" + random.nextInt(5));
            }
            int places = 1 + random.nextInt(3);
            assertThat(PostPlaces.of(tools, places).mountings())
                    .as("%s in %s", tools, places)
                    .isEqualTo(fewest(tools, 0, new TreeSet<>(), places));
        }
    }

    /** A tool is never said to stand where another one stands. */
    @Test
    void noTwoToolsStandInOnePlace() {
        Random random = new Random(7);
        for (int i = 0; i < 200; i++) {
            List<String> tools = new ArrayList<>();
            for (int k = 0; k < 12; k++) {
                tools.add("t" + random.nextInt(6));
            }
            String[] held = new String[4];
            List<PostPlaces.Seat> seats = PostPlaces.of(tools, 3).steps();
            for (int k = 0; k < tools.size(); k++) {
                PostPlaces.Seat seat = seats.get(k);
                assertThat(seat.place()).isBetween(1, 3);
                if (seat.mounted()) {
                    assertThat(held[seat.place()]).isEqualTo(seat.out().isEmpty() ? null : seat.out());
                    held[seat.place()] = tools.get(k);
                }
                assertThat(held[seat.place()]).isEqualTo(tools.get(k));
            }
        }
    }

    /** Every way, tried. */
    private static int fewest(List<String> tools, int at, Set<String> held, int places) {
        if (at == tools.size()) {
            return 0;
        }
        String tool = tools.get(at);
        if (held.contains(tool)) {
            return fewest(tools, at + 1, held, places);
        }
        Set<String> more = new HashSet<>(held);
        more.add(tool);
        if (more.size() <= places) {
            return 1 + fewest(tools, at + 1, more, places);
        }
        int least = Integer.MAX_VALUE;
        for (String out : held) {
            Set<String> without = new HashSet<>(more);
            without.remove(out);
            least = Math.min(least, 1 + fewest(tools, at + 1, without, places));
        }
        return least;
    }
}
