using Kamuri.Store.Figures;
using Kamuri.Store.Heads;
using Kamuri.Store.Household;
using Kamuri.Store.Kitchen;
using Kamuri.Store.PlannedDays;
using Kamuri.Store.Sessions;
using Kamuri.Store.Shelf;
using Kamuri.Store.Templates;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Kamuri.Store;

/// <summary>The database: one SQLite file per household.</summary>
public sealed class KamuriDb(DbContextOptions<KamuriDb> options) : DbContext(options)
{
    public DbSet<HeadRow> Heads => Set<HeadRow>();
    public DbSet<SessionRow> Sessions => Set<SessionRow>();
    public DbSet<SessionEventRow> SessionEvents => Set<SessionEventRow>();
    public DbSet<SessionSummaryRow> SessionSummaries => Set<SessionSummaryRow>();
    public DbSet<RemovedRow> Removed => Set<RemovedRow>();
    public DbSet<ToldRow> Told => Set<ToldRow>();
    public DbSet<HouseholdRow> Households => Set<HouseholdRow>();
    public DbSet<FigureRow> Figures => Set<FigureRow>();
    public DbSet<TemplateRow> Templates => Set<TemplateRow>();
    public DbSet<ProductRow> Products => Set<ProductRow>();
    public DbSet<TaughtNameRow> TaughtNames => Set<TaughtNameRow>();
    public DbSet<RatingRow> Ratings => Set<RatingRow>();
    public DbSet<TakingRow> Takings => Set<TakingRow>();
    public DbSet<FormulaRow> Formulas => Set<FormulaRow>();
    public DbSet<BatchRow> Batches => Set<BatchRow>();
    public DbSet<PatchTestRow> PatchTests => Set<PatchTestRow>();
    public DbSet<KnownIngredientRow> KnownIngredients => Set<KnownIngredientRow>();
    public DbSet<PlannedDayRow> PlannedDays => Set<PlannedDayRow>();

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<HeadRow>(head =>
        {
            head.ToTable("heads");
            head.Property(row => row.Name).HasMaxLength(40);
            // Names of columns from when these were read while rows were; a document that cannot be read must not take the others along.
            head.Property(row => row.WearJson).HasColumnName("Wear").HasDefaultValueSql("'{}'");
            head.Property(row => row.SchoolsJson).HasColumnName("Schools").HasDefaultValueSql("'{}'");
            head.Property(row => row.ChemicalHistoryJson).HasColumnName("ChemicalHistory");
            head.Property(row => row.ScalpJson).HasColumnName("Scalp");
            head.Property(row => row.FragileZonesJson).HasColumnName("FragileZones");
            head.Property(row => row.SensitivitiesJson).HasColumnName("Sensitivities");
            head.Property(row => row.GoalsJson).HasColumnName("Goals");
        });
        modelBuilder.Entity<SessionRow>(session =>
        {
            session.ToTable("sessions");
            // Not a foreign key to heads: a session is a record of what was, and outlives the head.
            session.HasIndex(row => row.HeadId);
        });
        modelBuilder.Entity<SessionEventRow>(happened =>
        {
            happened.ToTable("session_events");
            happened.HasKey(row => row.Sequence);
            happened.HasIndex(row => new { row.SessionId, row.EventId }).IsUnique();
            happened.HasOne<SessionRow>().WithMany().HasForeignKey(row => row.SessionId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<SessionSummaryRow>(summary =>
        {
            summary.ToTable("session_summaries");
            summary.HasKey(row => new { row.SessionId, row.Key });
            summary.HasIndex(row => new { row.HeadId, row.FinishedUtcTicks });
            summary.HasIndex(row => row.StartedUtcTicks);
            AsWord(summary.Property(row => row.Status));
            summary.HasOne<SessionRow>().WithMany().HasForeignKey(row => row.SessionId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<RemovedRow>().ToTable("removed");
        modelBuilder.Entity<ToldRow>(told =>
        {
            told.ToTable("told");
            told.HasKey(row => new { row.Table, row.RowId });
        });
        modelBuilder.Entity<HouseholdRow>(household =>
        {
            household.ToTable("household");
            household
                .Property(house => house.Clock)
                .HasConversion(clock => clock.ToString(), word => (ClockFormat?)Word(word, ClockFormat.TwentyFourHours));
            AsWord(household.Property(house => house.Lengths), LengthUnit.Centimetres);
            AsWord(household.Property(house => house.Temperatures), TemperatureUnit.Celsius);
            AsWord(household.Property(house => house.Amounts), AmountUnit.Millilitres);
            AsWord(household.Property(house => house.FirstDayOfWeek), DayOfWeek.Monday);
        });
        modelBuilder.Entity<FigureRow>().ToTable("figures");
        modelBuilder.Entity<ProductRow>(product =>
        {
            product.ToTable("products");
            product.Property(row => row.Name).HasMaxLength(80);
            AsWord(product.Property(row => row.Role));
        });
        modelBuilder.Entity<TaughtNameRow>(taught =>
        {
            taught.ToTable("taught_names");
            taught.HasKey(row => row.Name);
            taught.Property(row => row.Name).HasMaxLength(120);
            AsWord(taught.Property(row => row.Class));
        });
        ShelfAndKitchen(modelBuilder);
        modelBuilder.Entity<PlannedDayRow>(day =>
        {
            day.ToTable("planned_days");
            day.HasOne<HeadRow>().WithMany().HasForeignKey(row => row.HeadId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<TemplateRow>(template =>
        {
            template.ToTable("templates");
            template.Property(row => row.Name).HasMaxLength(60);
            template.HasIndex(row => row.Name).IsUnique();
        });
    }

    private static void ShelfAndKitchen(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<RatingRow>(rating =>
        {
            rating.ToTable("ratings");
            rating.HasKey(row => new { row.ProductId, row.HeadId });
            rating.HasOne<ProductRow>().WithMany().HasForeignKey(row => row.ProductId).OnDelete(DeleteBehavior.Cascade);
            rating.HasOne<HeadRow>().WithMany().HasForeignKey(row => row.HeadId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<TakingRow>(taking =>
        {
            taking.ToTable("takings");
            // Not foreign keys to product and batch: what was taken stays on record when they are gone.
            taking.HasOne<SessionRow>().WithMany().HasForeignKey(row => row.SessionId).OnDelete(DeleteBehavior.Cascade);
            taking.HasIndex(row => row.HeadId);
        });
        modelBuilder.Entity<FormulaRow>(formula =>
        {
            formula.ToTable("formulas");
            formula.Property(row => row.Name).HasMaxLength(80);
        });
        modelBuilder.Entity<BatchRow>(batch =>
        {
            batch.Ignore(row => row.MadeOf);
            batch.Ignore(row => row.Taken);
            batch.ToTable("batches");
            AsWord(batch.Property(row => row.KeptAt));
            batch.HasIndex(row => row.GoneOn);
        });
        modelBuilder.Entity<PatchTestRow>(test =>
        {
            test.ToTable("patch_tests");
            test.HasKey(row => new { row.HeadId, row.Ingredient });
            test.Property(row => row.Ingredient).HasMaxLength(120);
            AsWord(test.Property(row => row.Outcome));
            test.HasOne<HeadRow>().WithMany().HasForeignKey(row => row.HeadId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<KnownIngredientRow>(known =>
        {
            known.ToTable("known_ingredients");
            known.HasKey(row => new { row.HeadId, row.Ingredient });
            known.HasOne<HeadRow>().WithMany().HasForeignKey(row => row.HeadId).OnDelete(DeleteBehavior.Cascade);
        });
    }

    /// <summary>
    /// A word of a file that this version does not know becomes a value that no enum has; whoever reads the row sees that.
    /// </summary>
    private static void AsWord<T>(PropertyBuilder<T> property)
        where T : struct, Enum => property.HasConversion(value => value.ToString(), word => Known<T>(word));

    private static T Known<T>(string word)
        where T : struct, Enum => Enum.TryParse<T>(word, out var known) && Enum.IsDefined(known) ? known : (T)Enum.ToObject(typeof(T), -1);

    /// <summary>The same where it hardly matters: an unknown word becomes what is usual.</summary>
    private static void AsWord<T>(PropertyBuilder<T> property, T usual)
        where T : struct, Enum =>
        property
            .HasConversion(value => value.ToString(), word => Word(word, usual))
            .HasDefaultValue(usual)
            .HasSentinel((T)Enum.ToObject(typeof(T), -1));

    private static T Word<T>(string? word, T usual)
        where T : struct, Enum => Enum.TryParse<T>(word, out var known) && Enum.IsDefined(known) ? known : usual;
}
