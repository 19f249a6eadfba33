using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Kamuri.Web.Plans;

/// <summary>Requests that show in the API document what a script can ask for. Each stands by itself: it brings its own head.</summary>
internal static class PlanExamples
{
    private const string LooseHead = """
        { "name": "Example", "lengths": { "napeCm": 28, "crownCm": 34, "frontCm": 30, "sidesCm": 32 },
          "density": "medium", "strand": "medium", "porosity": "low" }
        """;

    private const string LocsHead = """
        { "name": "Example", "lengths": { "napeCm": 32, "crownCm": 38, "frontCm": 36, "sidesCm": 34 },
          "density": "high", "strand": "medium", "porosity": "medium",
          "wear": { "locs": { "stage": "mature", "count": 96, "thicknessMillimetres": 9 } } }
        """;

    private static readonly (string Name, string Summary, string Body)[] Requests =
    [
        (
            "moisture",
            "A moisture day of loose hair, started now",
            $$"""
            { "head": {{LooseHead}}, "aim": "moisture", "style": "twists", "when": { "mode": "startNow" } }
            """
        ),
        (
            "locs",
            "A quick wash of locs, dried under the hood; what it is done with is checked",
            $$"""
            { "head": {{LocsHead}}, "aim": "quick", "style": "asItIs", "when": { "mode": "startNow" },
              "uses": { "part-cleanse": { "name": "Scalp wash", "ingredients": ["water", "mild surfactant"] } } }
            """
        ),
        (
            "schoolsAndHistory",
            "Other schools for one day, what is on record, and the stretch check",
            $$"""
            { "head": {{LooseHead}}, "aim": "moisture", "style": "twistOut", "when": { "mode": "startNow" }, "stretch": "needsProtein",
              "schools": { "conditionOn": "dry", "detangle": "prePoo", "length": "overnight" },
              "history": { "lastDone": [ { "treatment": "clarify", "on": "2026-01-10" } ] } }
            """
        ),
        (
            "edited",
            "The composed day with changes: a step left out, one once more, two worked section by section",
            $$"""
            { "head": {{LooseHead}}, "aim": "quick", "style": "bun", "when": { "mode": "startNow" },
              "edits": [ { "kind": "duplicate", "step": "cleanse" }, { "kind": "together", "step": "oil", "together": true },
                         { "kind": "drop", "step": "tool-detangle" } ] }
            """
        ),
        (
            "ownSteps",
            "Steps of one's own, taken as they are and checked",
            $$"""
            { "head": {{LooseHead}}, "aim": "quick", "style": "asItIs", "when": { "mode": "startNow" },
              "steps": [ { "kind": "wet-through" }, { "kind": "cleanse" }, { "kind": "rinse" }, { "kind": "wring" },
                         { "kind": "conditioner", "minutes": 5 },
                         { "kind": "cool-rinse", "water": "lukewarm" }, { "kind": "blot" },
                         { "kind": "leave-in" }, { "kind": "dry", "air": "fan" } ] }
            """
        ),
        (
            "contradictory",
            "A wish that contradicts itself still gets the nearest day, with what stands against it",
            $$"""
            { "head": {{LocsHead}}, "aim": "strength", "style": "braids", "when": { "mode": "startNow" },
              "edits": [ { "kind": "add", "stepKind": "tool-detangle", "after": "blot" } ] }
            """
        ),
    ];

    /// <summary>Puts the examples at every operation that takes a plan.</summary>
    public static Task AddTo(OpenApiOperation operation, OpenApiOperationTransformerContext context, CancellationToken cancellation)
    {
        if (
            operation.OperationId is "previewPlan" or "compareSchools"
            && operation.RequestBody?.Content?.TryGetValue("application/json", out var media) == true
        )
        {
            media.Examples = Requests.ToDictionary(
                example => example.Name,
                IOpenApiExample (example) => new OpenApiExample { Summary = example.Summary, Value = JsonNode.Parse(example.Body) }
            );
        }

        return Task.CompletedTask;
    }
}
