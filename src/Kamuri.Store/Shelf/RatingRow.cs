namespace Kamuri.Store.Shelf;

/// <summary>How well a product suits a head.</summary>
public sealed class RatingRow
{
    public Guid ProductId { get; set; }
    public Guid HeadId { get; set; }

    /// <summary>1 not at all to 5 very well.</summary>
    public int Suits { get; set; }

    public string Note { get; set; } = "";
}
