import { choice, quantity, text, whole, yesNo } from './spec';

/** The place: site, building and the service that feeds it. */
export const placeProperties = {
  name: text(['site', 'building', 'panel', 'circuit', 'disconnect', 'service'], 'Name'),
  address: text(['site'], 'Address'),
  yearBuilt: whole(['building', 'panel', 'device'], 'Year', 1880, 2100),
  client: text(['site'], 'Client'),
  childrenInHouse: yesNo(['building'], 'Children in the house'),
  serviceSystem: choice(['service'], 'Service', {
    'split-phase': '120/240 V, one phase, three wires',
  }),
  depthMm: quantity(['panel'], 'Clear depth in front', 20000, 'mm'),
  combustiblesNear: yesNo(['panel'], 'Combustibles in the working space'),
};
