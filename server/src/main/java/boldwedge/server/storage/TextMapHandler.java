package boldwedge.server.storage;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Map;
import java.util.TreeMap;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Texts by name as a jsonb column. */
@Component
@MappedTypes(Map.class)
public class TextMapHandler extends BaseTypeHandler<Map<String, String>> {
    /** For statements that must name it. */
    public static final String NAME = "boldwedge.server.storage.TextMapHandler";

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<TreeMap<String, String>> TEXTS = new TypeReference<>() {};

    @Override
    public void setNonNullParameter(
            PreparedStatement statement, int i, Map<String, String> texts, @Nullable JdbcType type)
            throws SQLException {
        statement.setObject(i, JSON.writeValueAsString(texts), java.sql.Types.OTHER);
    }

    @Override
    public @Nullable Map<String, String> getNullableResult(ResultSet results, String column) throws SQLException {
        return read(results.getString(column));
    }

    @Override
    public @Nullable Map<String, String> getNullableResult(ResultSet results, int column) throws SQLException {
        return read(results.getString(column));
    }

    @Override
    public @Nullable Map<String, String> getNullableResult(CallableStatement statement, int column)
            throws SQLException {
        return read(statement.getString(column));
    }

    private static @Nullable Map<String, String> read(@Nullable String json) {
        return json == null ? null : JSON.readValue(json, TEXTS);
    }
}
