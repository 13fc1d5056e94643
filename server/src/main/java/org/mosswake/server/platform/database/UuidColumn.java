package org.mosswake.server.platform.database;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.UUID;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.springframework.stereotype.Component;

/** PostgreSQL's uuid as it is: MyBatis has no handler of its own. */
@Component
@MappedTypes(UUID.class)
class UuidColumn extends BaseTypeHandler<UUID> {
    @Override
    public void setNonNullParameter(PreparedStatement statement, int i, UUID value, JdbcType type) throws SQLException {
        statement.setObject(i, value);
    }

    @Override
    public UUID getNullableResult(ResultSet row, String column) throws SQLException {
        return row.getObject(column, UUID.class);
    }

    @Override
    public UUID getNullableResult(ResultSet row, int column) throws SQLException {
        return row.getObject(column, UUID.class);
    }

    @Override
    public UUID getNullableResult(CallableStatement call, int column) throws SQLException {
        return call.getObject(column, UUID.class);
    }
}
