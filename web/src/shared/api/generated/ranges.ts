// Made of the OpenAPI document by scripts/ranges.mjs: what the server takes, in SI.
export const RANGES = {
  BackBody: {
    latitudeDeg: { least: -90, most: 90 },
    longitudeDeg: { least: -180, most: 180 },
    portRadiusM: { least: 5, most: 2000 },
    starboardRadiusM: { least: 5, most: 2000 },
  },
  BaitCaught: {
    count: { least: 1, most: 1000 },
  },
  BaitDead: {
    count: { least: 1, most: 1000 },
  },
  BoatBody: {
    beamM: { least: 0.6, most: 15 },
    drogueAreaM2: { least: 0.01, most: 5 },
    idleMps: { least: 0.3, most: 6 },
    latitudeDeg: { least: -90, most: 90 },
    lengthM: { least: 2, most: 60 },
    longitudeDeg: { least: -180, most: 180 },
    propSpreadM: { least: 0, most: 10 },
    topMps: { least: 0.5, most: 30 },
  },
  BodyWire: {
    diveAreaM2: { least: -2, most: 2 },
    dragAreaM2: { least: 0, most: 2 },
    massKg: { least: 0, most: 100 },
    sideAreaM2: { least: -2, most: 2 },
    volumeM3: { least: 0, most: 0.1 },
  },
  BranchDraft: {
    lengthM: { least: 0.5, most: 400 },
  },
  BuildBody: {
    lines: { least: 1, most: 12 },
  },
  CallBody: {
    catchBaitMin: { least: 0, most: 360 },
    runOutMin: { least: 0, most: 600 },
  },
  Changed: {
    letOutM: { least: 1, most: 400 },
  },
  CircleRequest: {
    lureDragAreaM2: { least: 0.000001, most: 2 },
    speedMps: { least: 0.2, most: 11 },
    turnRadiusM: { least: 3, most: 2000 },
  },
  Corrected: {
    latitudeDeg: { least: -90, most: 90 },
    longitudeDeg: { least: -180, most: 180 },
  },
  CourseBody: {
    lengthM: { least: 500, most: 22500 },
    radiusM: { least: 10, most: 600 },
    speedMps: { least: 0.3, most: 12 },
    towardsDeg: { least: 0, most: 360 },
  },
  DeepDraft: {
    cableOutM: { least: 2, most: 180 },
    clipAboveM: { least: 0.5, most: 60 },
  },
  DepthBody: {
    depthM: { least: 0.05, most: 300 },
  },
  Engines: {
    running: { least: 0, most: 6 },
  },
  FixBody: {
    courseDeg: { least: 0, most: 360 },
    latitudeDeg: { least: -90, most: 90 },
    longitudeDeg: { least: -180, most: 180 },
    speedOverGroundMps: { least: 0, most: 40 },
  },
  FootDraft: {
    fittingN: { least: 10, most: 10000 },
  },
  GroundBody: {
    headingDeg: { least: 0, most: 360 },
    overGroundMps: { least: 0.1, most: 15 },
    streamMps: { least: 0, most: 6 },
    streamTowardsDeg: { least: 0, most: 360 },
  },
  HereDraft: {
    aboveC: { least: -3, most: 40 },
    baitBottomM: { least: 0.5, most: 11000 },
    baitTopM: { least: 0, most: 11000 },
    belowC: { least: -3, most: 40 },
    bottomM: { least: 0.5, most: 11000 },
    headingDeg: { least: 0, most: 360 },
    layerM: { least: 0.5, most: 11000 },
    streamMps: { least: 0, most: 6 },
    streamTowardsDeg: { least: 0, most: 360 },
  },
  Landed: {
    lengthM: { least: 0.05, most: 6 },
    massKg: { least: 0.01, most: 1000 },
  },
  LineDraft: {
    letOutM: { least: 1, most: 400 },
    strikeDragN: { least: 0, most: 5000 },
  },
  LineGearBody: {
    densityKgPerM3: { least: 100, most: 23000 },
    diameterM: { least: 0.0001, most: 0.01 },
    normalDragCoefficient: { least: 0, most: 5 },
    strengthN: { least: 1, most: 20000 },
    tangentialDragCoefficient: { least: 0, most: 1 },
  },
  LineWire: {
    densityKgPerM3: { least: 100, most: 23000 },
    diameterM: { least: 0.0001, most: 0.01 },
    lengthM: { least: 0.5, most: 400 },
    normalDragCoefficient: { least: 0, most: 5 },
    tangentialDragCoefficient: { least: 0, most: 1 },
  },
  LureGearBody: {
    count: { least: 0, most: 999 },
    diveAreaM2: { least: -2, most: 2 },
    dragAreaM2: { least: 0, most: 2 },
    fastestMps: { least: 0.2, most: 11 },
    lengthM: { least: 0.01, most: 3 },
    massKg: { least: 0, most: 100 },
    sideAreaM2: { least: -2, most: 2 },
    slowestMps: { least: 0.2, most: 11 },
    volumeM3: { least: 0, most: 0.1 },
  },
  MeetBody: {
    portRadiusM: { least: 5, most: 2000 },
    starboardRadiusM: { least: 5, most: 2000 },
  },
  MoveBody: {
    leftMin: { least: 0, most: 1440 },
  },
  ObservationBody: {
    seenM: { least: 0.1, most: 300 },
    speedThroughWaterMps: { least: 0.2, most: 11 },
  },
  PieceDraft: {
    lengthM: { least: 0.5, most: 400 },
  },
  PlaceBody: {
    latitudeDeg: { least: -90, most: 90 },
    longitudeDeg: { least: -180, most: 180 },
  },
  PlanBody: {
    catchBaitMin: { least: 0, most: 360 },
    runOutMin: { least: 0, most: 600 },
  },
  PointBody: {
    asternM: { least: -60, most: 20 },
    heightM: { least: -60, most: 20 },
    starboardM: { least: -60, most: 20 },
  },
  PracticeBegun: {
    holdMps: { least: 0, most: 13 },
  },
  PracticeHelm: {
    holdMps: { least: 0, most: 13 },
    radiusM: { least: 30, most: 2000 },
    rate: { least: 1, most: 60 },
    steerDeg: { least: 0, most: 360 },
  },
  ReelGearBody: {
    backingM: { least: 1, most: 2000 },
    count: { least: 0, most: 40 },
    fullRadiusM: { least: 0.005, most: 0.2 },
    handM: { least: 0.2, most: 1.2 },
    ratedDiameterM: { least: 0.0001, most: 0.003 },
    ratedM: { least: 10, most: 5000 },
    rodClassN: { least: 10, most: 1000 },
  },
  RigBody: {
    bites: { least: 0, most: 100 },
    deadBaits: { least: 0, most: 500 },
    fishKg: { least: 0.2, most: 500 },
  },
  RigDraft: {
    baitAngleRad: { least: 0, most: 1.3089969389957472 },
    baitLengthM: { least: 0.04, most: 1.2 },
    hookCount: { least: 1, most: 6 },
    hookStrengthN: { least: 20, most: 5000 },
  },
  RunningBody: {
    runLph: { least: 0.1, most: 2000 },
    runMps: { least: 1, most: 40 },
    tankL: { least: 1, most: 20000 },
    trollLph: { least: 0.1, most: 2000 },
  },
  Sailed: {
    bottomM: { least: 0, most: 11000 },
    courseDeg: { least: 0, most: 360 },
    groundMps: { least: 0, most: 40 },
    headingDeg: { least: 0, most: 360 },
    latitudeDeg: { least: -90, most: 90 },
    longitudeDeg: { least: -180, most: 180 },
    lureDepthM: { least: 0, most: 2000 },
    lureMps: { least: 0, most: 40 },
    streamDoubtMps: { least: 0, most: 40 },
    streamMps: { least: 0, most: 40 },
    streamTowardsDeg: { least: 0, most: 360 },
    throughMps: { least: 0, most: 40 },
    turnDegMin: { least: -3600, most: 3600 },
    waterC: { least: -3, most: 45 },
  },
  SeaMarkBody: {
    latitudeDeg: { least: -90, most: 90 },
    longitudeDeg: { least: -180, most: 180 },
  },
  SeenBody: {
    latitudeDeg: { least: -90, most: 90 },
    longitudeDeg: { least: -180, most: 180 },
  },
  SegmentWire: {
    diameterM: { least: 0.0001, most: 0.01 },
    lengthM: { least: 0.5, most: 400 },
    normalDragCoefficient: { least: 0.01, most: 5 },
    tangentialDragCoefficient: { least: 0, most: 1 },
  },
  Set: {
    letOutM: { least: 1, most: 400 },
  },
  SightBody: {
    bearingDeg: { least: 0, most: 360 },
    distanceM: { least: 1, most: 20000 },
    latitudeDeg: { least: -90, most: 90 },
    longitudeDeg: { least: -180, most: 180 },
  },
  Sighted: {
    bearingDeg: { least: 0, most: 360 },
    bottomM: { least: 0, most: 2000 },
    distanceM: { least: 0, most: 50000 },
    latitudeDeg: { least: -90, most: 90 },
    longitudeDeg: { least: -180, most: 180 },
    speedMps: { least: 0, most: 40 },
    topM: { least: 0, most: 2000 },
    towardsDeg: { least: 0, most: 360 },
  },
  SounderBody: {
    acrossMps: { least: -6, most: 6 },
    columns: { least: 1, most: 100000 },
    coneDeg: { least: 4, most: 90 },
    depthM: { least: 0.5, most: 1000 },
    groundMps: { least: 0, most: 20 },
    heightM: { least: 0, most: 300 },
    pingsHz: { least: 0.2, most: 60 },
    throughMps: { least: 0, most: 20 },
  },
  SourceBody: {
    port: { least: 1, most: 65535 },
    priority: { least: 1, most: 99 },
  },
  SpotBody: {
    latitudeDeg: { least: -90, most: 90 },
    longitudeDeg: { least: -180, most: 180 },
  },
  SpreadDraft: {
    enginesRunning: { least: 0, most: 6 },
    speedThroughWaterMps: { least: 0.2, most: 11 },
  },
  StockBody: {
    amount: { least: 0, most: 100000 },
  },
  TowRequest: {
    speedThroughWaterMps: { least: 0.2, most: 11 },
    tipHeightM: { least: -300, most: 12 },
  },
  TripBody: {
    latitudeDeg: { least: -90, most: 90 },
    longitudeDeg: { least: -180, most: 180 },
  },
  TurnsBody: {
    clearAcrossM: { least: 0.1, most: 10 },
    clearUpM: { least: 0.1, most: 10 },
    radiusM: { least: 5, most: 2000 },
  },
} as const
