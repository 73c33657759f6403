package boldwedge.server.photo;

import boldwedge.server.people.Deed;
import boldwedge.server.people.Journal;
import boldwedge.server.people.Who;
import boldwedge.server.web.Checked;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Photos of tools, grinds and trials; they go with what they show. */
@Service
public class PhotoService {
    /** The page sends them scaled down, to some 300 kB; a larger one comes from a script. */
    private static final int MOST_BYTES = 2 * 1024 * 1024;

    private final PhotoMapper photos;
    private final Journal journal;
    private final Checked checked;
    private final Who who;

    PhotoService(PhotoMapper photos, Checked checked, Who who, Journal journal) {
        this.journal = journal;
        this.photos = photos;
        this.checked = checked;
        this.who = who;
    }

    /**
     * A photo without its picture.
     *
     * @param id its id
     * @param toolId the tool that it shows
     * @param grindId the grind that it shows
     * @param trialId the trial that it shows
     * @param note anything to remember
     * @param savedAt when it was kept
     * @param savedBy who kept it; empty where nobody signs in
     * @param saidAt when it was kept, as the file says that it was taken from; null where it was kept here
     * @param saidBy who kept it, as that file says
     */
    record PhotoCard(
            UUID id,
            @Nullable UUID toolId,
            @Nullable UUID grindId,
            @Nullable UUID trialId,
            String note,
            Instant savedAt,
            String savedBy,
            @Nullable Instant saidAt,
            String saidBy) {}

    /** Photos of a tool, its grinds and its trials, the oldest first. */
    List<PhotoCard> ofTool(UUID tool) {
        return photos.ofTool(tool);
    }

    /** Photos of the trials of a cut, the oldest first. */
    List<PhotoCard> ofCut(UUID cut) {
        return photos.ofCut(cut);
    }

    PhotoRecord photo(UUID id) {
        return photos.find(id).orElseThrow(() -> Refusal.missing("no-such-photo", "This photo is not kept."));
    }

    /** A photo small enough for a list; made when it is asked for the first time. */
    byte[] small(UUID id) {
        return photos.small(id).orElseGet(() -> {
            byte[] small = Picture.anew(photo(id).picture(), Picture.LONGEST_SMALL);
            photos.keepSmall(id, small);
            return small;
        });
    }

    /** Hands over every photo, one after the other; within a transaction. */
    public void each(Consumer<PhotoRecord> take) {
        photos.each().forEach(take);
    }

    /** Hands over the photos of a tool, its grinds and its trials; within a transaction. */
    public void eachOfTool(UUID tool, Consumer<PhotoRecord> take) {
        photos.eachOfTool(tool).forEach(take);
    }

    /** Keeps a photo; one that was sent twice under one id is kept once. */
    @Transactional
    public PhotoCard add(PhotoRecord sent) {
        check(sent);
        PhotoRecord photo =
                sent.with(Picture.anew(sent.picture(), Picture.LONGEST)).by(who.name());
        if (photos.add(photo) == 0) {
            PhotoRecord there = photos.find(photo.id())
                    .orElseThrow(() -> Refusal.missing(
                            "nothing-shown",
                            "What this photo shows is no longer kept: the tool, grind or trial was deleted."));
            Version.checkSameAgain(there.saysTheSameAs(photo), "photo");
        }
        return card(photo(photo.id()));
    }

    /** Adds those photos that are not there yet; how many. What they show must be there. For imports. */
    public int addMissing(List<PhotoRecord> found) {
        int added = 0;
        for (PhotoRecord sent : found) {
            if (photos.find(sent.id()).isPresent()) {
                continue;
            }
            PhotoRecord photo = sent.with(Picture.anew(sent.picture(), Picture.LONGEST));
            int one = photos.add(photo);
            if (one == 0 && photos.find(photo.id()).isEmpty()) {
                throw Refusal.wrong(
                        "nothing-shown",
                        "There is a photo of a tool, grind or trial that is neither in the shop nor in the file.");
            }
            added += one;
        }
        return added;
    }

    /** Deletes a photo; one that is gone already is as good. */
    @Transactional
    public void delete(UUID id) {
        if (photos.delete(id) > 0) {
            journal.note(Deed.DELETED, "a photo");
        }
    }

    /** Whether a photo may be kept. */
    public void check(PhotoRecord photo) {
        checked.record(photo);
        if (!photo.isOfOne()) {
            throw Refusal.wrong("nothing-shown", "A photo shows one tool, one grind or one trial.");
        }
        if (photo.picture().length > MOST_BYTES) {
            throw Picture.tooLarge("This picture has more than " + MOST_BYTES / (1024 * 1024) + " MB.");
        }
    }

    private static PhotoCard card(PhotoRecord photo) {
        return new PhotoCard(
                photo.id(),
                photo.toolId(),
                photo.grindId(),
                photo.trialId(),
                photo.note(),
                photo.savedAt() == null ? Instant.EPOCH : photo.savedAt(),
                photo.savedBy(),
                photo.saidAt(),
                photo.saidBy());
    }
}
