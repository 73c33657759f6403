package boldwedge.server.storage;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * A value of one type as a jsonb column.
 *
 * @param <T> its type
 */
public abstract class JsonHandler<T> extends BaseTypeHandler<T> {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Class<T> type;

    protected JsonHandler(Class<T> type) {
        this.type = type;
    }

    @Override
    public void setNonNullParameter(PreparedStatement statement, int i, T value, @Nullable JdbcType jdbc)
            throws SQLException {
        statement.setObject(i, JSON.writeValueAsString(value), java.sql.Types.OTHER);
    }

    @Override
    public @Nullable T getNullableResult(ResultSet results, String column) throws SQLException {
        return read(results.getString(column));
    }

    @Override
    public @Nullable T getNullableResult(ResultSet results, int column) throws SQLException {
        return read(results.getString(column));
    }

    @Override
    public @Nullable T getNullableResult(CallableStatement statement, int column) throws SQLException {
        return read(statement.getString(column));
    }

    private @Nullable T read(@Nullable String json) {
        return json == null ? null : JSON.readValue(json, type);
    }
}
