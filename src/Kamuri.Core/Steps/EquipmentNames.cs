namespace Kamuri.Core.Steps;

/// <summary>What equipment is called within a sentence.</summary>
public static class EquipmentNames
{
    public static string Of(Resource resource) =>
        resource switch
        {
            Resource.Hands => "pair of hands",
            Resource.Shower => "shower",
            Resource.Stove => "stove",
            Resource.Hood => "hood",
            _ => "steamer",
        };
}
