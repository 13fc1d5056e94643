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

    record RevisionRow(
            UUID vesselId,
            UUID spreadId,
            int revision,
            double speedThroughWaterMps,
            String reason,
            Instant createdAt,
            @Nullable Integer enginesRunning,
            @Nullable Double bottomM,
            @Nullable Double baitTopM,
            @Nullable Double baitBottomM,
            @Nullable Double layerM,
            @Nullable Double aboveC,
            @Nullable Double belowC,
            @Nullable Double headingDeg,
            @Nullable Double streamMps,
            @Nullable Double streamTowardsDeg) {}

    record LineRow(
            UUID vesselId,
            UUID spreadId,
            int revision,
            UUID lineId,
            int ordinal,
            UUID holderId,
            double letOutM,
            double strikeDragN,
            @Nullable Double cableOutM,
            @Nullable Double clipAboveM,
            @Nullable UUID ballGearId,
            @Nullable UUID cableGearId,
            @Nullable String clipSeat,
            boolean locked,
            @Nullable UUID reelGearId,
            @Nullable String hookKind,
            @Nullable Integer hookCount,
            @Nullable Double hookStrengthN,
            @Nullable String baitKind,
            @Nullable Double baitLengthM,
            @Nullable Double baitAngleRad,
            @Nullable String take,
            @Nullable String marks) {}

    record PieceRow(
            UUID vesselId,
            UUID spreadId,
            int revision,
            UUID lineId,
            int pieceNo,
            @Nullable UUID lureGearId,
            UUID lineGearId,
            @Nullable Double lengthM,
            @Nullable UUID branchLureGearId,
            @Nullable UUID branchLineGearId,
            @Nullable Double branchLengthM,
            @Nullable String footAbove,
            @Nullable String footFitting,
            @Nullable Double footFittingN,
            @Nullable String footBelow) {}

    @Select("""
            select s.spread_id, s.version, s.name, s.updated_at as saved_at,
                   (select count(*) from spread_line l where l.vessel_id = s.vessel_id and l.spread_id = s.spread_id
                     and l.revision = s.head_revision)::int as lines
            from spread s where s.vessel_id = #{vessel}
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
            select * from spread_revision
            where vessel_id = #{vessel} and spread_id = #{spread} and revision = #{revision}""")
    @Nullable
    RevisionRow revision(@Param("vessel") UUID vessel, @Param("spread") UUID spread, @Param("revision") int revision);

    @Select("""
            select * from spread_line
            where vessel_id = #{vessel} and spread_id = #{spread} and revision = #{revision} order by ordinal""")
    List<LineRow> lines(@Param("vessel") UUID vessel, @Param("spread") UUID spread, @Param("revision") int revision);

    @Select("""
            select * from spread_piece
            where vessel_id = #{vessel} and spread_id = #{spread} and revision = #{revision} order by line_id, piece_no""")
    List<PieceRow> pieces(@Param("vessel") UUID vessel, @Param("spread") UUID spread, @Param("revision") int revision);

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
            values (#{vesselId}, #{spreadId}, #{revision}, #{speedThroughWaterMps}, #{reason}, #{createdAt},
                    #{enginesRunning}, #{bottomM}, #{baitTopM}, #{baitBottomM}, #{layerM}, #{aboveC}, #{belowC},
                    #{headingDeg}, #{streamMps}, #{streamTowardsDeg})""")
    int insertRevision(RevisionRow row);

    @Insert("""
            insert into spread_line values (#{vesselId}, #{spreadId}, #{revision}, #{lineId}, #{ordinal}, #{holderId},
                   #{letOutM}, #{strikeDragN}, #{cableOutM}, #{clipAboveM}, #{ballGearId}, #{cableGearId}, #{clipSeat}, #{locked},
                   #{reelGearId}, #{hookKind}, #{hookCount}, #{hookStrengthN}, #{baitKind}, #{baitLengthM}, #{baitAngleRad},
                   #{take}, #{marks})""")
    int insertLine(LineRow row);

    @Insert("""
            insert into spread_piece values (#{vesselId}, #{spreadId}, #{revision}, #{lineId}, #{pieceNo},
                   #{lureGearId}, #{lineGearId}, #{lengthM}, #{branchLureGearId}, #{branchLineGearId},
                   #{branchLengthM},
                   #{footAbove}, #{footFitting}, #{footFittingN}, #{footBelow})""")
    int insertPiece(PieceRow row);
}
