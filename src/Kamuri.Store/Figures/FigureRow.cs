namespace Kamuri.Store.Figures;

/// <summary>A craft figure the household has changed. What is not here is as shipped.</summary>
public sealed class FigureRow
{
    /// <summary>The figure's name in the catalogue.</summary>
    public string Id { get; set; } = "";

    /// <summary>In the catalogue's unit.</summary>
    public double Value { get; set; }
}
