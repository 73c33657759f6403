package boldwedge.server.web;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** A part of a JSON document that does not fit its form, told by where it stands and never by the name of a class. */
public final class Misfit {
    private static final int LONGEST_PLACE = 120;

    private Misfit() {}

    /** The innermost named part; empty when there is none. */
    public static String part(DatabindException misfit) {
        String last = "";
        for (JacksonException.Reference step : misfit.getPath()) {
            last = step.getPropertyName() == null ? last : step.getPropertyName();
        }
        return last.length() > LONGEST_PLACE || !TextRules.wrong(last).isEmpty() ? "" : last;
    }

    /** What is wrong with it. */
    public static String sentence(DatabindException misfit) {
        String part = part(misfit);
        if (part.isEmpty()) {
            return "A part is missing or of another kind than it should be.";
        }
        return misfit instanceof UnrecognizedPropertyException
                ? "There is no part called “" + part + "” here."
                : "The part “" + part + "” is missing or of another kind than it should be.";
    }
}
