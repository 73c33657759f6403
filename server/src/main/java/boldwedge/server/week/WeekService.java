package boldwedge.server.week;

import boldwedge.core.jobs.schedule.Hours;
import boldwedge.server.people.Who;
import boldwedge.server.shop.LatheRecord;
import boldwedge.server.shop.ShopService;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules;
import boldwedge.server.web.Version;
import boldwedge.server.week.Week.Place;
import boldwedge.server.week.Week.Worker;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's week, and every machine and place on which something can be done. */
@Service
public class WeekService {
    private static final int MOST = 40;
    private static final int MOST_AWAY = 200;
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_HOURS = 120;
    private static final Set<String> DAYS =
            Set.copyOf(Arrays.stream(DayOfWeek.values()).map(DayOfWeek::name).toList());

    private final WeekMapper weeks;
    private final ShopService shop;
    private final Who who;

    WeekService(WeekMapper weeks, ShopService shop, Who who) {
        this.weeks = weeks;
        this.shop = shop;
        this.who = who;
    }

    /** The week as it is kept; the usual one where nobody has said anything. */
    public Week week() {
        return kept().orElseGet(Week::usual);
    }

    /** The same where somebody has said something. */
    public Optional<Week> kept() {
        return weeks.find()
                .map(kept -> new Week(
                        kept.version(), kept.week().persons(), kept.week().places()));
    }

    /** Everything on which something can be done: machines with cards, then places; the bench is where nothing is named. */
    public List<Place> places() {
        List<Place> all = new java.util.ArrayList<>();
        for (LatheRecord machine : shop.all()) {
            all.add(new Place(
                    machine.id().toString(),
                    machine.card().getOrDefault("name", "a machine without a name"),
                    machine.card().getOrDefault("kind", "lathe")));
        }
        all.addAll(week().places());
        return List.copyOf(all);
    }

    /** The first of each kind. */
    public Map<String, String> placesByKind() {
        Map<String, String> first = new LinkedHashMap<>();
        places().forEach(place -> first.putIfAbsent(place.kind(), place.id()));
        return first;
    }

    /** When somebody is there, so many days from one on. */
    public Hours hours(Worker worker, LocalDate first, int days) {
        return HoursReader.of(worker, first, days);
    }

    /** Keeps it. */
    @Transactional
    public Week save(Week week) {
        check(week);
        int rows = week.version() == 0 ? weeks.add(week, who.name()) : weeks.save(week, week.version(), who.name());
        Version.check(rows, true, "week");
        return week();
    }

    /** Adds a shop's week from a file where none is kept yet; whether it was. */
    public boolean addIfMissing(Week week) {
        return weeks.add(week, who.name()) == 1;
    }

    /** Refuses what cannot be kept, beside where it stands. */
    public void check(Week week) {
        if (!isWhole(week)) {
            throw Refusal.wrong(
                    "unusable", "Some parts of the week are missing: persons and places, with id and name.");
        }
        Map<String, String> wrong = new TreeMap<>();
        if (week.persons().size() > MOST || week.places().size() > MOST) {
            throw Refusal.wrong("week-too-large", "At most " + MOST + " persons and " + MOST + " places.");
        }
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < week.persons().size(); i++) {
            person(week.persons().get(i), "persons[" + i + "].", ids, wrong);
        }
        for (int i = 0; i < week.places().size(); i++) {
            Place place = week.places().get(i);
            named(place.id(), place.name(), "places[" + i + "].", ids, wrong);
            if (!place.kind().matches("[a-z]{1,20}")) {
                wrong.put("places[" + i + "].kind", "Pick what it is from the list.");
            }
        }
        if (!wrong.isEmpty()) {
            throw Refusal.wrong("unusable", "Some parts of the week cannot be used.", wrong);
        }
    }

    private static void person(Worker person, String at, Set<String> ids, Map<String, String> wrong) {
        named(person.id(), person.name(), at, ids, wrong);
        person.hours().forEach((day, hours) -> {
            if (!DAYS.contains(day)) {
                wrong.put(at + "hours", "There is no such day of the week.");
            } else if (hours.length() > LONGEST_HOURS || HoursReader.day(hours).isEmpty()) {
                wrong.put(
                        at + "hours." + day,
                        "Write the hours in order, such as 7:00-12:00, 12:30-16:00; leave a free day empty.");
            }
        });
        if (person.away().size() > MOST_AWAY) {
            wrong.put(at + "away", "At most " + MOST_AWAY + " times away: take those out that are over.");
        }
        for (int i = 0; i < person.away().size(); i++) {
            Week.Away away = person.away().get(i);
            if (away.from() == null || away.to() == null || !away.to().isAfter(away.from())) {
                wrong.put(at + "away[" + i + "]", "Say from when to when, the later time second.");
            }
        }
    }

    private static void named(String id, String name, String at, Set<String> ids, Map<String, String> wrong) {
        if (!id.matches("[A-Za-z0-9-]{1,60}") || !ids.add(id)) {
            wrong.put(at + "id", "An id has letters, digits and hyphens only, and nobody else has it.");
        }
        String sentence = name.isBlank() ? "Give it a name." : TextRules.wrong(name, LONGEST_NAME);
        if (!sentence.isEmpty()) {
            wrong.put(at + "name", sentence);
        }
    }

    /** Whether nothing is missing, as it may be in a file. */
    private static boolean isWhole(Week week) {
        return Text.there(week.persons(), week.places())
                && week.persons().stream()
                        .allMatch(one -> Text.there(one)
                                && Text.there(one.id(), one.name(), one.hours(), one.away())
                                && one.hours().values().stream().allMatch(Text::there)
                                && one.away().stream().allMatch(Text::there))
                && week.places().stream()
                        .allMatch(one -> Text.there(one) && Text.there(one.id(), one.name(), one.kind()));
    }
}
