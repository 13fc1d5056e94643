package org.mosswake.server.devices;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface DeviceMapper {
    record PairingRow(String codeHash, Instant until, int tries) {}

    @Select("select device_id, name, paired_at, seen_at, shut_out_at from device order by paired_at, device_id")
    List<DeviceReply> all();

    @Insert("insert into device (device_id, name, token_hash) values (#{device}, #{name}, #{token})")
    int insert(@Param("device") UUID device, @Param("name") String name, @Param("token") String token);

    @Update("update device set name = #{name} where device_id = #{device}")
    int rename(@Param("device") UUID device, @Param("name") String name);

    @Update("update device set shut_out_at = coalesce(shut_out_at, #{now}) where device_id = #{device}")
    int shutOut(@Param("device") UUID device, @Param("now") Instant now);

    /** Its id where it may come in; seen now, to the minute. */
    @Select("""
            update device set seen_at = greatest(seen_at, date_trunc('minute', #{now}::timestamptz))
            where token_hash = #{token} and shut_out_at is null returning device_id""")
    @Nullable
    UUID seen(@Param("token") String token, @Param("now") Instant now);

    @Insert("""
            insert into pairing (code_hash, until) values (#{code}, #{until})
            on conflict (one) do update set code_hash = excluded.code_hash, until = excluded.until, tries = 0""")
    int offer(@Param("code") String code, @Param("until") Instant until);

    /** Held until the transaction ends: a code pairs one device, and wrong tries are counted one by one. */
    @Select("select code_hash, until, tries from pairing for update")
    @Nullable
    PairingRow offered();

    @Update("update pairing set tries = tries + 1")
    int tried();

    @Delete("delete from pairing")
    int taken();
}
