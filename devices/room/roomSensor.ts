/** The air in a room as a sensor tells it. */
export interface RoomReading {
  /** C, to a tenth. */
  readonly temperature: number;
  /** % RH, whole. */
  readonly humidity: number;
}

/** A sensor of temperature and humidity. The program ships a simulated one; a real one answers the same call. */
export interface RoomSensor {
  readonly name: string;
  /** One reading; rejects with a reason that can be shown, or when it is stopped. */
  read(signal: AbortSignal): Promise<RoomReading>;
}
