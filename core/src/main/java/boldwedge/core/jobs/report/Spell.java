package boldwedge.core.jobs.report;

import boldwedge.core.language.measure.Written;

/** Times and numbers of a shop's day in words. */
public final class Spell {
    private static final int HOUR = 60;

    private static final String[] ORDINALS = {
        "", "first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth"
    };

    private Spell() {}

    /** Minutes as they are said: "34 min", "4 h 44 min". */
    public static String time(double minutes) {
        long whole = Math.round(minutes);
        if (minutes < 10 && Math.abs(minutes - whole) > 0.05) {
            return Written.time(minutes);
        }
        if (whole < 2 * HOUR) {
            return whole + " min";
        }
        return whole / HOUR + " h" + (whole % HOUR == 0 ? "" : " " + whole % HOUR + " min");
    }

    /** "A seventh", "a 14th". */
    static String another(int number) {
        String word = number < ORDINALS.length ? ORDINALS[number] : number + ending(number);
        return (word.startsWith("e") || number == 11 || number == 18 ? "an " : "a ") + word;
    }

    private static String ending(int number) {
        int last = number % 10;
        boolean teen = number / 10 % 10 == 1;
        if (teen || last == 0 || last > 3) {
            return "th";
        }
        return last == 1 ? "st" : last == 2 ? "nd" : "rd";
    }

    static String pieces(int count) {
        return count == 1 ? "1 piece" : count + " pieces";
    }
}
