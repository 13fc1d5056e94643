package org.mosswake.server.spread;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface SpreadMapper {
    record SpreadRow(UUID vesselId, UUID spreadId, int version, String name, int headRevision, Instant updatedAt) {}

    @Select("""
            select s.spread_id, s.version, s.name, s.updated_at as saved_at,
                   jsonb_array_length(c.body -> 'lines') as lines,
                   exists (select 1 from put_away p where p.vessel_id = s.vessel_id and p.thing_id = s.spread_id)
                   as put_away
            from spread s
            join spread_revision r on r.vessel_id = s.vessel_id and r.spread_id = s.spread_id
                                  and r.revision = s.head_revision
            join content c on c.vessel_id = r.vessel_id and c.hash = r.hash
            where s.vessel_id = #{vessel}
            order by s.updated_at desc, s.name, s.spread_id limit #{count} offset #{from}""")
    List<SpreadBody.Title> titles(@Param("vessel") UUID vessel, @Param("from") int from, @Param("count") int count);

    @Select("select count(*) from spread where vessel_id = #{vessel}")
    int count(UUID vessel);

    @Select("select * from spread where vessel_id = #{vessel} and spread_id = #{spread}")
    @Nullable
    SpreadRow spread(@Param("vessel") UUID vessel, @Param("spread") UUID spread);

    @Select("select * from spread where vessel_id = #{vessel} and spread_id = #{spread} for update")
    @Nullable
    SpreadRow locked(@Param("vessel") UUID vessel, @Param("spread") UUID spread);

    @Select("""
            select coalesce(max(revision), 0) from spread_revision
            where vessel_id = #{vessel} and spread_id = #{spread}""")
    int lastRevision(@Param("vessel") UUID vessel, @Param("spread") UUID spread);

    @Select("""
            select hash from spread_revision
            where vessel_id = #{vessel} and spread_id = #{spread} and revision = #{revision}""")
    @Nullable
    String hash(@Param("vessel") UUID vessel, @Param("spread") UUID spread, @Param("revision") int revision);

    @Insert("""
            insert into spread values (#{vesselId}, #{spreadId}, #{version}, #{name}, #{headRevision}, #{updatedAt})
            on conflict do nothing""")
    int insertSpread(SpreadRow row);

    @Update("""
            update spread set version = version + 1, name = #{name}, head_revision = #{headRevision},
                   updated_at = #{updatedAt}
            where vessel_id = #{vesselId} and spread_id = #{spreadId}""")
    int updateSpread(SpreadRow row);

    @Insert("""
            insert into spread_revision
            values (#{vessel}, #{spread}, #{revision}, #{hash}, #{reason}, #{now})""")
    int insertRevision(
            @Param("vessel") UUID vessel,
            @Param("spread") UUID spread,
            @Param("revision") int revision,
            @Param("hash") String hash,
            @Param("reason") String reason,
            @Param("now") Instant now);
}
