-- What V7 took over goes: struck lines as one body each, first editions' fixes among the others.

insert into struck_line (vessel_id, fact_id, solver_edition, computed_at, body)
select s.vessel_id, s.event_id, s.solver_edition, e.server_at,
       jsonb_strip_nulls(jsonb_build_object(
           'spreadId', e.spread_id, 'revision', e.revision, 'label', s.label, 'holderName', s.holder_name,
           'lureName', s.lure_name, 'speedThroughWaterMps', s.speed_through_water_mps, 'letOutM', s.let_out_m,
           'strikeDragN', s.strike_drag_n, 'regime', s.regime, 'depthM', s.depth_m, 'asternM', s.astern_m,
           'towPullN', s.tow_pull_n, 'cableOutM', s.cable_out_m,
           'pieces', coalesce((
               select jsonb_agg(jsonb_build_object(
                          'lureGearId', p.lure_gear_id, 'lureName', p.lure_name, 'massKg', p.mass_kg,
                          'volumeM3', p.volume_m3, 'dragAreaM2', p.drag_area_m2, 'diveAreaM2', p.dive_area_m2,
                          'sideAreaM2', p.side_area_m2, 'depthM', p.lure_depth_m, 'lineGearId', p.line_gear_id,
                          'lineName', p.line_name, 'lengthM', p.length_m, 'diameterM', p.diameter_m,
                          'densityKgPerM3', p.density_kg_per_m3, 'normalDrag', p.normal_drag,
                          'tangentialDrag', p.tangential_drag) order by p.piece_no)
               from strike_piece p where p.vessel_id = s.vessel_id and p.event_id = s.event_id), '[]')))
from strike_line s join event e using (vessel_id, event_id);

insert into fix (vessel_id, device_id, at, latitude_deg, longitude_deg, speed_over_ground_mps, course_deg)
select vessel_id, device_id, happened_at, latitude_deg, longitude_deg, speed_over_ground_mps, course_deg
from event where kind = 'FIX'
on conflict do nothing;

drop table fish, strike_piece, strike_line, event, spread_piece, spread_line, v5_spread_revision;
