package boldwedge.core.language.drawing;

/** What is typed on a drawing. */
public interface InputField {
    /** Its name in the API. */
    String id();

    /** What it is called beside its input. */
    String label();
}
