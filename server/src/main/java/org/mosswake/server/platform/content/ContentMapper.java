package org.mosswake.server.platform.content;

import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface ContentMapper {
    @Select(value = "select keep_content(#{vessel}, #{hash}, #{body}::jsonb)::text", affectData = true)
    String keep(@Param("vessel") UUID vessel, @Param("hash") String hash, @Param("body") String body);

    @Select("select body::text from content where vessel_id = #{vessel} and hash = #{hash}")
    @Nullable
    String body(@Param("vessel") UUID vessel, @Param("hash") String hash);
}
