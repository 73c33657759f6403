package boldwedge.server.web;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Path;
import jakarta.validation.Validator;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** The one check of records, by the constraints that stand on them: for what is sent and for what comes in a file. */
@Component
public class Checked {
    private final Validator validator;

    Checked(Validator validator) {
        this.validator = validator;
    }

    /** The record itself when it may be kept; else a refusal with a sentence for each part that is wrong. */
    public <T> T record(T record) {
        Map<String, String> wrong = new TreeMap<>();
        Set<ConstraintViolation<T>> violations = validator.validate(record);
        violations.forEach(violation -> wrong.put(last(violation.getPropertyPath()), violation.getMessage()));
        if (!wrong.isEmpty()) {
            throw refusal(wrong);
        }
        return record;
    }

    /** What is said when parts of a record are wrong. */
    static Refusal refusal(Map<String, String> wrong) {
        Map.Entry<String, String> first = wrong.entrySet().iterator().next();
        String sentence = wrong.size() == 1 && first.getValue().startsWith("This part")
                ? "The part “" + first.getKey() + "” is missing."
                : wrong.size() == 1 ? first.getValue() : "Some parts cannot be used.";
        return Refusal.wrong("unusable", sentence, wrong);
    }

    private static String last(Path path) {
        String name = "";
        for (Path.Node node : path) {
            name = node.getName() == null ? name : node.getName();
        }
        return name;
    }
}
