package boldwedge.core.jobs.stock;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.jobs.stock.EdgeClock.Spell;
import boldwedge.core.jobs.stock.EdgeClock.Use;
import java.util.List;
import org.junit.jupiter.api.Test;

class EdgeClockTest {
    private static Use pieces(int pieces, double minutes) {
        return new Use(pieces, minutes, true, false);
    }

    private static final Use TRIAL = new Use(1, 1.5, true, true);

    private static Spell spell(Use... uses) {
        return new Spell(List.of(uses));
    }

    @Test
    void anEdgeThatCutNothingTellsNothing() {
        assertThat(EdgeClock.of(List.of(), spell()).sentences()).isEmpty();
    }

    @Test
    void countsPiecesAndTrialsOfThisEdge() {
        EdgeClock clock = EdgeClock.of(List.of(), spell(pieces(14, 28), TRIAL));
        assertThat(clock.now().pieces()).isEqualTo(15);
        assertThat(clock.sentences())
                .containsExactly("This edge has cut 14 pieces and 1 trial: about 30 min in the cut.");
    }

    /** Three edges that lasted 36 min each: no spread, the next one lasts as long; 20 of it gone in 10 pieces leave 8. */
    @Test
    void whatIsLeftIsToldInPiecesLikeThese() {
        Spell life = spell(pieces(18, 36));
        EdgeClock clock = EdgeClock.of(List.of(life, life, life), spell(pieces(10, 20)));
        assertThat(clock.sentences())
                .contains(
                        "Before it an edge lasted about 36 min in the cut (3 edges clocked; the next one between 36 and 36, nine times in ten).",
                        "Good for 8 more like these before it may fail.");
    }

    @Test
    void fewEdgesAreAGuessOfTwiceAndHalf() {
        EdgeClock clock = EdgeClock.of(List.of(spell(pieces(20, 40))), spell(pieces(15, 30)));
        assertThat(clock.sentences())
                .anyMatch(one ->
                        one.contains("(one edge clocked; the next one between 20 and 80, nine times in ten: a guess"))
                .last()
                .isEqualTo("It may go at any piece from here: grind it before one that must be to size.");
    }

    @Test
    void pastEveryLifeItIsLookedAt() {
        Spell life = spell(pieces(18, 36));
        assertThat(EdgeClock.of(List.of(life, life, life), spell(pieces(30, 60)))
                        .sentences())
                .last()
                .asString()
                .contains("look at its land");
    }

    @Test
    void aGrindWithNothingCutBeforeItIsNoLife() {
        EdgeClock clock = EdgeClock.of(List.of(spell(), spell(pieces(4, 8)), spell()), spell());
        assertThat(clock.sentences())
                .contains("Nothing was cut with this edge yet.")
                .anyMatch(one -> one.contains("(one edge clocked;"));
    }

    @Test
    void statedMinutesAreCalledSo() {
        assertThat(EdgeClock.of(List.of(), spell(new Use(6, 48, false, false))).sentences())
                .containsExactly(
                        "This edge has cut 6 pieces: about 48 min, handling in it where an operation does not open as a cut.");
    }
}
