/** Air side of drying, SI units. Handbook values from memory; formulas Magnus, Ranz–Marshall. */
const VAPOUR_GAS = 461.5;
const LATENT = 2.45e6;
const VAPOUR_DIFFUSION = 2.5e-5;
const VISCOSITY = 1.52e-5;
const CONDUCTIVITY = 0.0257;
const SCHMIDT = 0.61;
const PRANDTL = 0.71;
const STEFAN_BOLTZMANN = 5.67e-8;

/** Saturation pressure of water vapour, Pa (Magnus), at t °C. */
export const saturationPressure = (t: number): number => 611.2 * Math.exp((17.62 * t) / (243.12 + t));

/** Saturated vapour, kg/m³. */
export const saturationDensity = (t: number): number => saturationPressure(t) / (VAPOUR_GAS * (t + 273.15));

/** Dew point, °C, of air at t °C and humidity 0–1. */
export const dewPoint = (t: number, humidity: number): number => {
  const g = Math.log(humidity) + (17.62 * t) / (243.12 + t);
  return (243.12 * g) / (17.62 - g);
};

const ventilation = (size: number, speed: number, number: number): number =>
  2 + 0.6 * Math.sqrt((speed * size) / VISCOSITY) * Math.cbrt(number);

/** Heat passed to the air and the walls, W/m²K, for a body of a size (m) in air of a speed (m/s). */
export const heatTransfer = (size: number, speed: number, t: number): number =>
  (CONDUCTIVITY / size) * ventilation(size, speed, PRANDTL) + 4 * 0.9 * STEFAN_BOLTZMANN * (t + 273.15) ** 3;

/**
 * Mass transfer coefficient, m/s, lowered by the cooling that evaporation brings:
 * h′ = h ÷ (1 + h a ρ′(T) L ÷ h_q).
 * @param balance humidity (0–1) the fresh surface is in balance with
 */
export function massTransfer(size: number, speed: number, t: number, balance: number): number {
  const h = (VAPOUR_DIFFUSION / size) * ventilation(size, speed, SCHMIDT);
  const slope = (saturationDensity(t + 0.05) - saturationDensity(t - 0.05)) / 0.1;
  return h / (1 + (h * balance * slope * LATENT) / heatTransfer(size, speed, t));
}

/** Temperature dependence of diffusion, 1 at 21 °C. */
export const arrhenius = (t: number, activation: number): number =>
  Math.exp((-activation / 8.314) * (1 / (t + 273.15) - 1 / 294.15));
