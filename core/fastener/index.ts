export * from './thread';
export * from './lengths';
export * from './engagement';
export * from './fastening';
export * from './lines';
export * from './lugHole';
export * from './starOrder';
export * from './seats';
