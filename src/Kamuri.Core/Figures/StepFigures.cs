using Kamuri.Core.Steps;

namespace Kamuri.Core.Figures;

/// <summary>Times of a step that a household has changed; what is null is as the catalogue ships it.</summary>
public sealed record StepFigures(HandsOnModel? HandsOn = null, ProcessingModel? Processing = null);
