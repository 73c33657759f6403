package boldwedge.server.photo;

import boldwedge.server.people.Who;
import boldwedge.server.photo.PhotoService.PhotoCard;
import boldwedge.server.web.Text;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/photos")
class PhotoController {
    private final PhotoService photos;
    private final Who who;

    PhotoController(PhotoService photos, Who who) {
        this.photos = photos;
        this.who = who;
    }

    /** A photo as sent, of a tool, a grind or a trial; the picture in base64. With an id of the sender's own it can be sent twice. */
    @SuppressWarnings("ArrayRecordComponent") // never compared
    record PhotoEntry(
            @Nullable UUID id,
            @Nullable UUID toolId,
            @Nullable UUID grindId,
            @Nullable UUID trialId,
            @Nullable String note,
            byte[] picture) {}

    /** Photos of a tool with its grinds and trials, or of the trials of a cut; the oldest first. */
    @GetMapping
    List<PhotoCard> photos(
            @RequestParam(required = false) @Nullable UUID tool, @RequestParam(required = false) @Nullable UUID cut) {
        return tool != null ? photos.ofTool(tool) : cut != null ? photos.ofCut(cut) : List.of();
    }

    /** The picture itself; it never changes. */
    @GetMapping("/{id}/picture")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "image/*", schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> picture(@PathVariable UUID id) {
        return shown(photos.photo(id).picture());
    }

    /** The same small enough for a list. */
    @GetMapping("/{id}/small")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "image/*", schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> small(@PathVariable UUID id) {
        return shown(photos.small(id));
    }

    private ResponseEntity<byte[]> shown(byte[] picture) {
        return ResponseEntity.ok()
                .contentType(PictureForm.of(picture).map(PictureForm::type).orElse(MediaType.APPLICATION_OCTET_STREAM))
                // Where people sign in, what a browser has kept must not be there for whoever comes after.
                .cacheControl(
                        who.name().isEmpty()
                                ? CacheControl.maxAge(Duration.ofDays(365))
                                        .cachePrivate()
                                        .immutable()
                                : CacheControl.noStore())
                .body(picture);
    }

    @PostMapping
    PhotoCard add(@RequestBody PhotoEntry entry) {
        return photos.add(new PhotoRecord(
                entry.id() == null ? UUID.randomUUID() : entry.id(),
                entry.toolId(),
                entry.grindId(),
                entry.trialId(),
                Text.stripped(entry.note()),
                entry.picture(),
                null,
                "",
                null,
                ""));
    }

    @DeleteMapping("/{id}")
    void delete(@PathVariable UUID id) {
        photos.delete(id);
    }
}
