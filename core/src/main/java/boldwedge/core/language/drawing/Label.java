package boldwedge.core.language.drawing;

/**
 * Words on a scene.
 *
 * @param role what it stands for
 * @param at where, by its anchor
 * @param anchor which end of the words stands there: start, middle or end
 * @param text what it says
 * @param field the field that it is the input of; empty when it only tells
 * @param name what that field is called; empty when it only tells
 */
public record Label(Role role, Point at, Anchor anchor, String text, String field, String name) {
    /** Which end of the words stands at the point. */
    public enum Anchor {
        START,
        MIDDLE,
        END
    }
}
