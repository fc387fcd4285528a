-- The country whose way of writing days, figures and money a garden follows; null: that of its units.
ALTER TABLE garden ADD COLUMN region text CHECK (region ~ '^[A-Z]{2}$');
