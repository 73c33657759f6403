package boldwedge.server.families;

import boldwedge.core.family.Families;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/families")
class FamilyController {
    /** The families of tools: what each can do, what it asks and from what is picked, its trials, what the crib keeps of it. */
    @GetMapping
    List<FamilyDescription> families() {
        return Families.all().stream()
                .<FamilyDescription>map(FamilyDescription::of)
                .toList();
    }
}
