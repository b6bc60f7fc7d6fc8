import { asDeviceType } from '../../devices/asDeviceType';
import { deviceTypeSchema } from '../../devices/deviceTypeSchema';

/** A device type made at this site, by id with version: `bench-reader@2`. */
export const typeSchema = deviceTypeSchema.transform(asDeviceType);
