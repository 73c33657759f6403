package boldwedge.server.web;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What may be kept of texts, days and times, whichever way they come in: typed on the page, sent by a script, in a file. */
public final class TextRules {
    /** Most fields that a record may carry: more than all families have together. */
    private static final int MOST_FIELDS = 400;

    private static final int LONGEST_FIELD = 2000;
    private static final LocalDate FIRST_DAY = LocalDate.of(1900, 1, 1);
    private static final LocalDate LAST_DAY = LocalDate.of(2200, 1, 1);

    private TextRules() {}

    /** What is wrong with the characters of a text; empty when nothing is. */
    static String wrong(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (Character.isHighSurrogate(c) && i + 1 < text.length() && Character.isLowSurrogate(text.charAt(i + 1))) {
                i++;
            } else if (Character.isSurrogate(c)) {
                return "This has half of a character in it. Type it again.";
            } else if (Character.isISOControl(c) && c != '\n' && c != '\r' && c != '\t') {
                return "This has a control character in it, which cannot be seen or kept. Type it again.";
            }
        }
        return "";
    }

    private static boolean isVisible(String text) {
        return text.codePoints()
                .anyMatch(c -> !Character.isWhitespace(c)
                        && !Character.isSpaceChar(c)
                        && Character.getType(c) != Character.FORMAT
                        && Character.getType(c) != Character.CONTROL);
    }

    private static boolean told(ConstraintValidatorContext context, String sentence) {
        if (sentence.isEmpty()) {
            return true;
        }
        context.disableDefaultConstraintViolation();
        // What was typed stands in no sentence here, so that nothing in it can be taken for an expression.
        context.buildConstraintViolationWithTemplate(sentence).addConstraintViolation();
        return false;
    }

    /** A text of at most so many characters, every one of which can be kept. */
    @Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
    @Retention(RetentionPolicy.RUNTIME)
    @Constraint(validatedBy = LineRule.class)
    public @interface Line {
        /** Most characters. */
        int most();

        /** What to say when nothing can be seen in it; empty when it may be empty. */
        String missing() default "";

        /** The sentence; each case has its own. */
        String message() default "This text cannot be kept.";

        /** Unused. */
        Class<?>[] groups() default {};

        /** Unused. */
        Class<? extends Payload>[] payload() default {};
    }

    /** The rule behind {@link Line}. */
    public static final class LineRule implements ConstraintValidator<Line, String> {
        private int most;
        private String missing = "";

        @Override
        public void initialize(Line line) {
            most = line.most();
            missing = line.missing();
        }

        @Override
        public boolean isValid(@Nullable String text, ConstraintValidatorContext context) {
            if (text == null || !isVisible(text)) {
                return told(context, missing);
            }
            if (text.strip().length() > most) {
                return told(
                        context,
                        "At most " + most + " characters fit here; this has "
                                + text.strip().length() + ".");
            }
            return told(context, wrong(text));
        }
    }

    /** Texts by field, as typed. */
    @Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
    @Retention(RetentionPolicy.RUNTIME)
    @Constraint(validatedBy = TextsRule.class)
    public @interface Texts {
        /** The sentence; each case has its own. */
        String message() default "This part is missing.";

        /** Unused. */
        Class<?>[] groups() default {};

        /** Unused. */
        Class<? extends Payload>[] payload() default {};
    }

    /** The rule behind {@link Texts}; a sentence belongs to its own field. */
    public static final class TextsRule implements ConstraintValidator<Texts, Map<String, @Nullable String>> {
        @Override
        public boolean isValid(@Nullable Map<String, @Nullable String> texts, ConstraintValidatorContext context) {
            if (texts == null) {
                return false;
            }
            context.disableDefaultConstraintViolation();
            if (texts.size() > MOST_FIELDS) {
                return told(context, "That is more fields than there are.");
            }
            boolean good = true;
            for (Map.Entry<String, @Nullable String> entry : texts.entrySet()) {
                String text = entry.getValue() == null ? "" : entry.getValue();
                String sentence = text.length() > LONGEST_FIELD
                        ? "At most " + LONGEST_FIELD + " characters fit here; this has " + text.length() + "."
                        : wrong(text);
                if (!entry.getKey().matches("[A-Za-z][A-Za-z0-9.-]{0,79}")) {
                    good = told(context, "A field's id has letters and digits only, at most 80 of them.");
                } else if (!sentence.isEmpty()) {
                    context.buildConstraintViolationWithTemplate(sentence)
                            .addPropertyNode(entry.getKey())
                            .addConstraintViolation();
                    good = false;
                }
            }
            return good;
        }
    }

    /** A day or a moment that a shop of ours could have seen; none is no fault. */
    @Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
    @Retention(RetentionPolicy.RUNTIME)
    @Constraint(validatedBy = {DayRule.class, MomentRule.class, LocalMomentRule.class})
    public @interface InLivingMemory {
        /** The sentence. */
        String message() default "A day between 1900 and 2200, as 2026-11-24.";

        /** Unused. */
        Class<?>[] groups() default {};

        /** Unused. */
        Class<? extends Payload>[] payload() default {};
    }

    /** The rule behind {@link InLivingMemory} for days. */
    public static final class DayRule implements ConstraintValidator<InLivingMemory, LocalDate> {
        @Override
        public boolean isValid(@Nullable LocalDate day, ConstraintValidatorContext context) {
            return day == null || (!day.isBefore(FIRST_DAY) && day.isBefore(LAST_DAY));
        }
    }

    /** The rule behind {@link InLivingMemory} for moments. */
    public static final class MomentRule implements ConstraintValidator<InLivingMemory, Instant> {
        @Override
        public boolean isValid(@Nullable Instant moment, ConstraintValidatorContext context) {
            return moment == null
                    || (moment.isAfter(FIRST_DAY
                                    .atStartOfDay(java.time.ZoneOffset.UTC)
                                    .toInstant())
                            && moment.isBefore(LAST_DAY.atStartOfDay(java.time.ZoneOffset.UTC)
                                    .toInstant()));
        }
    }

    /** The rule behind {@link InLivingMemory} for moments by the shop's clock. */
    public static final class LocalMomentRule implements ConstraintValidator<InLivingMemory, LocalDateTime> {
        @Override
        public boolean isValid(@Nullable LocalDateTime moment, ConstraintValidatorContext context) {
            return moment == null
                    || (!moment.toLocalDate().isBefore(FIRST_DAY)
                            && moment.toLocalDate().isBefore(LAST_DAY));
        }
    }

    /** What is wrong with a text of at most so many characters; empty when nothing is. */
    public static String wrong(String text, int most) {
        return text.length() > most
                ? "At most " + most + " characters fit here; this has " + text.length() + "."
                : wrong(text);
    }
}
