package boldwedge.server.schedule;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateEnd;
import biweekly.property.DateStart;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import boldwedge.server.schedule.PlanOfDays.PlannedTask;
import boldwedge.server.web.Cells;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** A plan as a calendar and as a table. */
final class PlanFiles {
    private PlanFiles() {}

    /** RFC 5545; its times are floating: by the clock of wherever it is read, as they are by the shop's. */
    static String calendar(PlanOfDays plan) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Bold Wedge//plan//EN");
        for (PlannedTask task : plan.tasks()) {
            VEvent event = new VEvent();
            // The same task is the same event when the plan is read in anew.
            event.setUid(UUID.nameUUIDFromBytes((task.job() + "|" + task.task()).getBytes(StandardCharsets.UTF_8))
                    + "@bold-wedge");
            event.setSummary(task.name() + ", " + task.pieces());
            event.setDescription(
                    task.jobName() + (task.worker().isEmpty() ? ": goes by itself" : ": " + task.worker()));
            if (!task.machineName().isEmpty()) {
                event.setLocation(task.machineName());
            }
            DateStart start = new DateStart(date(task.start()));
            DateEnd end = new DateEnd(date(task.end()));
            calendar.getTimezoneInfo().setFloating(start, true);
            calendar.getTimezoneInfo().setFloating(end, true);
            event.setDateStart(start);
            event.setDateEnd(end);
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go();
    }

    private static ICalDate date(LocalDateTime at) {
        return new ICalDate(
                new DateTimeComponents(
                        at.getYear(), at.getMonthValue(), at.getDayOfMonth(), at.getHour(), at.getMinute(), 0, false),
                true);
    }

    /** RFC 4180, its cells harmless to a spreadsheet. */
    static String table(PlanOfDays plan) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader("start", "end", "minutes", "job", "task", "pieces", "machine", "worker", "state")
                        .get())) {
            for (PlannedTask task : plan.tasks()) {
                csv.printRecord(Arrays.asList(
                        task.start(),
                        task.end(),
                        task.minutes(),
                        Cells.harmless(task.jobName()),
                        Cells.harmless(task.name()),
                        Cells.harmless(task.pieces()),
                        Cells.harmless(task.machineName()),
                        Cells.harmless(task.worker()),
                        task.state()));
            }
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return out.toString();
    }
}
