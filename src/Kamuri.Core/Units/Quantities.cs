namespace Kamuri.Core.Units;

/// <summary>A mass in grams.</summary>
public readonly record struct Grams(double Value);

/// <summary>A volume in millilitres.</summary>
public readonly record struct Millilitres(double Value);

/// <summary>A temperature in degrees Celsius.</summary>
public readonly record struct Celsius(double Value);

/// <summary>A length in centimetres.</summary>
public readonly record struct Centimetres(double Value);

/// <summary>An area in square metres; used for hair surface.</summary>
public readonly record struct SquareMetres(double Value);

/// <summary>An area in square centimetres; used for scalp.</summary>
public readonly record struct SquareCentimetres(double Value);

/// <summary>Relative humidity as a share from 0 (bone dry) to 1 (saturated).</summary>
public readonly record struct RelativeHumidity(double Share);

/// <summary>Water held by hair, in grams of water per gram of dry hair (0 dry, about 1.6 soaked).</summary>
public readonly record struct WaterContent(double GramsPerGram);
