package org.mosswake.server.platform.documents;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface DocumentMapper {
    /** @param body JSON; none where it was taken out */
    record Row(String name, int version, @Nullable String body, Instant changedAt) {}

    String COLUMNS = "select name, version, body::text as body, changed_at from document";

    @Select(COLUMNS + " where vessel_id = #{vessel} and kind = #{kind} and name = #{name}")
    @Nullable
    Row one(@Param("vessel") UUID vessel, @Param("kind") DocumentKind kind, @Param("name") String name);

    @Select(COLUMNS + """
             where vessel_id = #{vessel} and kind = #{kind} and starts_with(name, #{prefix}) and body is not null
            order by name""")
    List<Row> all(@Param("vessel") UUID vessel, @Param("kind") DocumentKind kind, @Param("prefix") String prefix);

    /** Those that were taken out too. */
    @Select(COLUMNS + """
             where vessel_id = #{vessel} and kind = #{kind} and starts_with(name, #{prefix})
            order by name""")
    List<Row> ever(@Param("vessel") UUID vessel, @Param("kind") DocumentKind kind, @Param("prefix") String prefix);

    /** Where nothing is kept; a document that was taken out begins again above its last version. */
    @Select(value = """
            insert into document as d (vessel_id, kind, name, version, body, changed_at)
            values (#{vessel}, #{kind}, #{name}, 1, #{body}::jsonb, #{now})
            on conflict (vessel_id, kind, name) do update
               set version = d.version + 1, body = excluded.body, changed_at = excluded.changed_at
             where d.body is null
            returning name, version, body::text as body, changed_at""", affectData = true)
    @Nullable
    Row begin(
            @Param("vessel") UUID vessel,
            @Param("kind") DocumentKind kind,
            @Param("name") String name,
            @Param("body") String body,
            @Param("now") Instant now);

    @Select(value = """
            update document set version = version + 1, body = #{body}::jsonb, changed_at = #{now}
            where vessel_id = #{vessel} and kind = #{kind} and name = #{name} and version = #{version}
              and body is not null
            returning name, version, body::text as body, changed_at""", affectData = true)
    @Nullable
    Row change(
            @Param("vessel") UUID vessel,
            @Param("kind") DocumentKind kind,
            @Param("name") String name,
            @Param("version") int version,
            @Param("body") @Nullable String body,
            @Param("now") Instant now);
}
