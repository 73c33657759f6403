package boldwedge.server.storage;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.UUID;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** UUID columns as they are. */
@Component
@MappedTypes(UUID.class)
public class UuidHandler extends BaseTypeHandler<UUID> {
    @Override
    public void setNonNullParameter(PreparedStatement statement, int i, UUID id, @Nullable JdbcType type)
            throws SQLException {
        statement.setObject(i, id);
    }

    @Override
    public @Nullable UUID getNullableResult(ResultSet results, String column) throws SQLException {
        return results.getObject(column, UUID.class);
    }

    @Override
    public @Nullable UUID getNullableResult(ResultSet results, int column) throws SQLException {
        return results.getObject(column, UUID.class);
    }

    @Override
    public @Nullable UUID getNullableResult(CallableStatement statement, int column) throws SQLException {
        return statement.getObject(column, UUID.class);
    }
}
