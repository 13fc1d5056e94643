package org.mosswake.server.platform.database;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.mosswake.server.platform.json.CanonicalJson;
import org.springframework.stereotype.Component;

/**
 * Rows of line-ups become contents, events become facts of the first edition: both by a hash that SQL cannot make. Frozen:
 * it reads the schema of version 6 and is never changed.
 */
@Component
public class V7__facts_as_received extends BaseJavaMigration {
    private static final String LINE_UPS = """
            select r.vessel_id, r.spread_id, r.revision, jsonb_strip_nulls(jsonb_build_object(
                'speedThroughWaterMps', r.speed_through_water_mps,
                'enginesRunning', r.engines_running,
                'here', nullif(jsonb_strip_nulls(jsonb_build_object(
                    'bottomM', r.bottom_m, 'baitTopM', r.bait_top_m, 'baitBottomM', r.bait_bottom_m,
                    'layerM', r.layer_m, 'aboveC', r.above_c, 'belowC', r.below_c, 'headingDeg', r.heading_deg,
                    'streamMps', r.stream_mps, 'streamTowardsDeg', r.stream_towards_deg)), '{}'),
                'lines', coalesce((select jsonb_agg(jsonb_build_object(
                    'lineId', l.line_id, 'holderId', l.holder_id, 'letOutM', l.let_out_m,
                    'strikeDragN', l.strike_drag_n,
                    'locked', case when l.locked then true end,
                    'deep', case when l.cable_out_m is not null then jsonb_build_object(
                        'cableOutM', l.cable_out_m, 'clipAboveM', l.clip_above_m, 'ballGearId', l.ball_gear_id,
                        'cableGearId', l.cable_gear_id, 'seat', l.clip_seat) end,
                    'rig', nullif(jsonb_strip_nulls(jsonb_build_object(
                        'reelGearId', l.reel_gear_id, 'hookKind', l.hook_kind, 'hookCount', l.hook_count,
                        'hookStrengthN', l.hook_strength_n, 'baitKind', l.bait_kind, 'baitLengthM', l.bait_length_m,
                        'baitAngleRad', l.bait_angle_rad, 'take', l.take, 'marks', l.marks)), '{}'),
                    'tackle', (select jsonb_agg(jsonb_build_object(
                        'lureGearId', p.lure_gear_id, 'lineGearId', p.line_gear_id, 'lengthM', p.length_m,
                        'branch', case when p.branch_lure_gear_id is not null then jsonb_build_object(
                            'lureGearId', p.branch_lure_gear_id, 'lineGearId', p.branch_line_gear_id,
                            'lengthM', p.branch_length_m) end,
                        'foot', nullif(jsonb_strip_nulls(jsonb_build_object(
                            'above', p.foot_above, 'fitting', p.foot_fitting, 'fittingN', p.foot_fitting_n,
                            'below', p.foot_below)), '{}')) order by p.piece_no)
                        from spread_piece p where (p.vessel_id, p.spread_id, p.revision, p.line_id)
                            = (l.vessel_id, l.spread_id, l.revision, l.line_id))) order by l.ordinal)
                    from spread_line l where (l.vessel_id, l.spread_id, l.revision)
                        = (r.vessel_id, r.spread_id, r.revision)), '[]')))::text as body
            from v5_spread_revision r""";

    private static final String EVENTS = """
            select e.vessel_id, e.event_id, jsonb_strip_nulls(jsonb_build_object(
                'eventId', e.event_id, 'kind', e.kind, 'deviceId', e.device_id, 'tripId', e.trip_id,
                'happenedAt', to_char(e.happened_at at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"'),
                'deviceAt', to_char(e.device_at at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"'),
                'targetId', e.target_id, 'spreadId', e.spread_id, 'revision', e.revision, 'lineId', e.line_id,
                'letOutM', e.let_out_m, 'note', e.note, 'latitudeDeg', e.latitude_deg,
                'longitudeDeg', e.longitude_deg, 'speedOverGroundMps', e.speed_over_ground_mps,
                'courseDeg', e.course_deg, 'speciesName', f.species, 'fishLengthM', f.length_m,
                'fishMassKg', f.mass_kg)) as body
            from event e left join fish f using (vessel_id, event_id) order by e.sequence""";

    @Override
    public void migrate(Context context) throws SQLException {
        Connection database = context.getConnection();
        lineUps(database);
        events(database);
    }

    private static void lineUps(Connection database) throws SQLException {
        try (ResultSet row = database.createStatement().executeQuery(LINE_UPS);
                PreparedStatement content = database.prepareStatement("select keep_content(?, ?, ?::jsonb)");
                PreparedStatement revision = database.prepareStatement("""
                        insert into spread_revision select vessel_id, spread_id, revision, ?, reason, created_at
                        from v5_spread_revision where vessel_id = ? and spread_id = ? and revision = ?""")) {
            while (row.next()) {
                String hash = CanonicalJson.hash(row.getString("body"));
                content.setObject(1, row.getObject("vessel_id"));
                content.setString(2, hash);
                content.setString(3, row.getString("body"));
                content.execute();
                revision.setString(1, hash);
                revision.setObject(2, row.getObject("vessel_id"));
                revision.setObject(3, row.getObject("spread_id"));
                revision.setInt(4, row.getInt("revision"));
                revision.executeUpdate();
            }
        }
    }

    private static void events(Connection database) throws SQLException {
        try (ResultSet row = database.createStatement().executeQuery(EVENTS);
                PreparedStatement fact = database.prepareStatement("""
                        insert into fact (vessel_id, fact_id, trip_id, kind, edition, device_id, happened_at, device_at,
                               server_at, hash, received, body)
                        select vessel_id, event_id, trip_id, kind, 1, device_id, happened_at, device_at, server_at,
                               ?, ?, ?::jsonb from event where vessel_id = ? and event_id = ?""")) {
            while (row.next()) {
                String body = row.getString("body");
                fact.setString(1, CanonicalJson.hash(content(database, body)));
                fact.setString(2, body);
                fact.setString(3, body);
                fact.setObject(4, row.getObject("vessel_id"));
                fact.setObject(5, row.getObject("event_id"));
                fact.executeUpdate();
            }
        }
    }

    /** Without the revision, which the server made where the device sent a line-up. */
    private static String content(Connection database, String body) throws SQLException {
        try (PreparedStatement less = database.prepareStatement("select (?::jsonb - 'revision')::text")) {
            less.setString(1, body);
            try (ResultSet row = less.executeQuery()) {
                row.next();
                return row.getString(1);
            }
        }
    }
}
