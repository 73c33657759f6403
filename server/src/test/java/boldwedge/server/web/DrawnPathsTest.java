package boldwedge.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Outlines of a drawing are sent as paths that close as they did. */
class DrawnPathsTest {
    private static JsonNode written(SceneBuilder scene) {
        JsonMapper.Builder builder = JsonMapper.builder();
        new DrawnPaths().scenes().customize(builder);
        Scene built = scene.build(0, 0, 100, 74, "to scale");
        return builder.build().valueToTree(built).path("strokes");
    }

    @Test
    void openStrokesOfOneRoleAreOnePath() {
        JsonNode strokes = written(new SceneBuilder("a", "A")
                .line(Role.EDGE, 0, 0, 10, 0)
                .line(Role.EDGE, -1.25, 5, 10.004, 5.006)
                .line(Role.HIDDEN, 0, 6, 10, 6));
        assertThat(strokes).hasSize(2);
        assertThat(strokes.get(0).path("path").asString()).isEqualTo("M0,0L10,0M-1.25,5L10,5.01");
        assertThat(strokes.get(1).path("role").asString()).isEqualTo("HIDDEN");
    }

    /** Run the same way round they fill as one; the other way round one would cut the other out where they overlap. */
    @Test
    void facetsOfASolidAreOnePathWhereTheyRunTheSameWayRound() {
        JsonNode strokes = written(new SceneBuilder("a", "A")
                .run(Role.GROUND, true, 0, 0, 10, 0, 10, 10)
                .run(Role.GROUND, true, 0, 0, 10, 10, 0, 10)
                .run(Role.GROUND, true, 0, 0, 0, 10, 10, 10)
                .run(Role.TOOL, true, 0, 0, 0, 10, 10, 10));
        assertThat(strokes).hasSize(3);
        assertThat(strokes.get(0).path("path").asString()).isEqualTo("M0,0L10,0L10,10ZM0,0L10,10L0,10Z");
        assertThat(strokes.get(1).path("role").asString()).isEqualTo("GROUND");
        assertThat(strokes.get(2).path("role").asString()).isEqualTo("TOOL");
    }

    /** A fixture has a line round it, the work is seen through: painted together they would look otherwise. */
    @Test
    void areasThatAreSeenThroughOrHaveALineRoundThemStayApart() {
        for (Role role : new Role[] {Role.WORK_AREA, Role.CHIP, Role.FIXTURE}) {
            JsonNode strokes = written(new SceneBuilder("a", "A")
                    .run(role, true, 0, 0, 10, 0, 10, 10)
                    .run(role, true, 0, 0, 10, 10, 0, 10));
            assertThat(strokes).as(role.name()).hasSize(2);
        }
    }
}
