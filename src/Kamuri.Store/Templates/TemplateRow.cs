namespace Kamuri.Store.Templates;

/// <summary>A day kept to be used again: its steps as they stood, without head and hour.</summary>
public sealed class TemplateRow
{
    public Guid Id { get; set; }
    public string Name { get; set; } = "";
    public long CreatedUtcTicks { get; set; }

    /// <summary>Steps, and what they are done with, as the API takes them.</summary>
    public string ContentJson { get; set; } = "";
}
