package org.mosswake.server.deck.instruments;

import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface RecordingMapper {
    record Row(byte[] packed) {}

    @Insert("""
            insert into recording values (#{vessel}, #{source}, #{lines}, #{packed})
            on conflict (vessel_id, source_id) do update set lines = excluded.lines, packed = excluded.packed""")
    int keep(
            @Param("vessel") UUID vessel,
            @Param("source") UUID source,
            @Param("lines") int lines,
            @Param("packed") byte[] packed);

    @Select("select packed from recording where vessel_id = #{vessel} and source_id = #{source}")
    Row read(@Param("vessel") UUID vessel, @Param("source") UUID source);

    @Delete("delete from recording where vessel_id = #{vessel} and source_id = #{source}")
    int remove(@Param("vessel") UUID vessel, @Param("source") UUID source);
}
