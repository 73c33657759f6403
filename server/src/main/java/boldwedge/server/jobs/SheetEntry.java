package boldwedge.server.jobs;

import boldwedge.core.jobs.entry.JobTexts;
import boldwedge.core.jobs.entry.JobTexts.LotTexts;
import boldwedge.core.jobs.entry.JobTexts.OperationTexts;
import boldwedge.core.jobs.entry.JobTexts.StockTexts;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * A job's sheet as it is sent: what is not sent is empty.
 *
 * @param lots what is made
 * @param stock lengths that lie there
 * @param kerf what the saw takes
 * @param grip what is held last
 * @param cuts ids of the cuts that one piece takes in one chucking
 * @param out how far it stands out of the chuck
 */
record SheetEntry(
        @Nullable List<@Nullable LotEntry> lots,
        @Nullable List<@Nullable StockEntry> stock,
        @Nullable String kerf,
        @Nullable String grip,
        @Nullable List<@Nullable String> cuts,
        @Nullable String out) {
    static final int MOST_CUTS = 40;
    private static final int MOST_LOTS = 40;
    private static final int MOST_OPERATIONS = 400;
    private static final int MOST_STOCK = 40;
    private static final int LONGEST = 200;
    private static final int MOST_OPENED = 60;

    /** A lot as sent. */
    record LotEntry(
            @Nullable String id,
            @Nullable String name,
            @Nullable String wanted,
            @Nullable String spare,
            @Nullable String fromBar,
            @Nullable String length,
            @Nullable String facing,
            @Nullable String steel,
            @Nullable String section,
            @Nullable List<@Nullable OperationEntry> operations) {
        LotTexts texts() {
            return new LotTexts(
                    Text.stripped(id),
                    Text.stripped(name),
                    Text.stripped(wanted),
                    Text.stripped(spare),
                    Text.stripped(fromBar),
                    Text.stripped(length),
                    Text.stripped(facing),
                    Text.stripped(steel),
                    Text.stripped(section),
                    Text.present(operations).stream().map(OperationEntry::texts).toList());
        }
    }

    /** An operation as sent. */
    record OperationEntry(
            @Nullable String id,
            @Nullable String name,
            @Nullable String machine,
            @Nullable String holding,
            @Nullable String setUp,
            @Nullable String each,
            @Nullable Boolean waits,
            @Nullable Boolean unbroken,
            @Nullable Boolean gauge,
            @Nullable String when,
            @Nullable String bond,
            @Nullable String bondTo,
            @Nullable List<@Nullable String> after,
            @Nullable String habit,
            @Nullable Map<String, @Nullable String> opens,
            @Nullable String tool) {
        OperationTexts texts() {
            return new OperationTexts(
                    Text.stripped(id),
                    Text.stripped(name),
                    Text.stripped(machine),
                    Text.stripped(holding),
                    Text.stripped(setUp),
                    Text.stripped(each),
                    Boolean.TRUE.equals(waits),
                    Boolean.TRUE.equals(unbroken),
                    Boolean.TRUE.equals(gauge),
                    Text.stripped(when),
                    Text.stripped(bond),
                    Text.stripped(bondTo),
                    Text.present(after),
                    Text.stripped(habit),
                    Text.map(opens),
                    Text.stripped(tool));
        }
    }

    /** Lengths as sent. */
    record StockEntry(@Nullable String bar, @Nullable String lengths) {
        StockTexts texts() {
            return new StockTexts(Text.stripped(bar), Text.stripped(lengths));
        }
    }

    /** The sheet as it is kept. */
    JobTexts texts() {
        return new JobTexts(
                Text.present(lots).stream().map(LotEntry::texts).toList(),
                Text.present(stock).stream().map(StockEntry::texts).toList(),
                Text.stripped(kerf),
                Text.stripped(grip),
                Text.present(cuts),
                Text.stripped(out));
    }

    /** Refuses what cannot be kept: too much of anything, characters that nobody sees, two things of one id. */
    static void check(JobTexts sheet) {
        if (!isWhole(sheet)) {
            throw Refusal.wrong("unusable", "Some parts of the job are missing: every text is there, if only empty.");
        }
        int operations =
                sheet.lots().stream().mapToInt(lot -> lot.operations().size()).sum();
        if (sheet.lots().size() > MOST_LOTS
                || operations > MOST_OPERATIONS
                || sheet.stock().size() > MOST_STOCK) {
            throw Refusal.wrong(
                    "job-too-large",
                    "A job has at most " + MOST_LOTS + " lots, " + MOST_OPERATIONS + " operations and " + MOST_STOCK
                            + " bars. Make two of it.");
        }
        Map<String, String> wrong = new TreeMap<>();
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < sheet.lots().size(); i++) {
            lot(sheet.lots().get(i), "lots[" + i + "].", ids, wrong);
        }
        for (int i = 0; i < sheet.stock().size(); i++) {
            text(sheet.stock().get(i).bar(), "stock[" + i + "].bar", wrong);
            text(sheet.stock().get(i).lengths(), "stock[" + i + "].lengths", wrong);
        }
        text(sheet.kerf(), "kerf", wrong);
        text(sheet.grip(), "grip", wrong);
        text(sheet.out(), "out", wrong);
        if (sheet.cuts().size() > MOST_CUTS) {
            wrong.put("cuts", "One chucking takes at most " + MOST_CUTS + " cuts.");
        }
        sheet.cuts().forEach(cut -> text(cut, "cuts", wrong));
        if (!wrong.isEmpty()) {
            throw Refusal.wrong("unusable", "Some parts of the job cannot be kept.", wrong);
        }
    }

    private static void lot(LotTexts lot, String at, Set<String> ids, Map<String, String> wrong) {
        id(lot.id(), at + "id", ids, wrong);
        List.of(
                        lot.name(),
                        lot.wanted(),
                        lot.spare(),
                        lot.fromBar(),
                        lot.length(),
                        lot.facing(),
                        lot.steel(),
                        lot.section())
                .forEach(text -> text(text, at + "name", wrong));
        for (int i = 0; i < lot.operations().size(); i++) {
            OperationTexts one = lot.operations().get(i);
            String here = at + "operations[" + i + "].";
            id(one.id(), here + "id", ids, wrong);
            List.of(
                            one.name(),
                            one.machine(),
                            one.holding(),
                            one.setUp(),
                            one.each(),
                            one.when(),
                            one.bond(),
                            one.bondTo(),
                            one.habit(),
                            one.tool())
                    .forEach(text -> text(text, here + "name", wrong));
            if (one.name().isEmpty()) {
                wrong.put(here + "name", "What is done? Give the operation a name, such as: drill and ream.");
            }
            if (one.after().size() > MOST_LOTS) {
                wrong.put(here + "after", "It waits for too many others: " + MOST_LOTS + " at most.");
            }
            one.after().forEach(text -> text(text, here + "after", wrong));
            if (one.opens().size() > MOST_OPENED) {
                wrong.put(here + "opens", "A cut is asked at most " + MOST_OPENED + " things.");
            }
            one.opens().forEach((field, text) -> {
                text(field, here + "opens", wrong);
                text(text, here + "opens", wrong);
            });
        }
    }

    private static void id(String id, String at, Set<String> ids, Map<String, String> wrong) {
        if (!id.matches("[A-Za-z0-9-]{1,80}")) {
            wrong.put(at, "An id has letters, digits and hyphens only, at most 80 of them.");
        } else if (!ids.add(id)) {
            wrong.put(at, "Two things of this job have one id.");
        }
    }

    private static void text(String text, String at, Map<String, String> wrong) {
        String sentence = TextRules.wrong(text, LONGEST);
        if (!sentence.isEmpty()) {
            wrong.putIfAbsent(at, sentence);
        }
    }

    /** Whether nothing is missing, as it may be in a file. */
    private static boolean isWhole(JobTexts sheet) {
        return Text.there(sheet.lots(), sheet.stock(), sheet.kerf(), sheet.grip())
                && sheet.cuts().stream().allMatch(Text::there)
                && sheet.lots().stream().allMatch(lot -> Text.there(lot) && isWhole(lot))
                && sheet.stock().stream().allMatch(one -> Text.there(one) && Text.there(one.bar(), one.lengths()));
    }

    private static boolean isWhole(LotTexts lot) {
        return Text.there(
                        lot.id(),
                        lot.name(),
                        lot.wanted(),
                        lot.spare(),
                        lot.fromBar(),
                        lot.length(),
                        lot.facing(),
                        lot.steel(),
                        lot.section(),
                        lot.operations())
                && lot.operations().stream().allMatch(one -> Text.there(one) && isWhole(one));
    }

    private static boolean isWhole(OperationTexts one) {
        return Text.there(
                        one.id(),
                        one.name(),
                        one.machine(),
                        one.holding(),
                        one.setUp(),
                        one.each(),
                        one.when(),
                        one.bond(),
                        one.bondTo(),
                        one.habit(),
                        one.tool(),
                        one.after())
                && one.after().stream().allMatch(Text::there)
                && one.opens().values().stream().allMatch(Text::there);
    }
}
