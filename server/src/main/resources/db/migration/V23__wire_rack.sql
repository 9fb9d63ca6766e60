-- Winding wire on the rack, a row a lot; one that is used up stays, so that its lot can be told.
create table wire_lot (
  id bigint generated always as identity primary key,
  version int not null default 1,
  size text not null check (length(size) between 1 and 20),
  grade text not null,
  overall_diameter_mm numeric check (overall_diameter_mm > 0),
  on_hand_kg numeric not null check (on_hand_kg >= 0),
  reels int not null check (reels >= 0),
  lot text check (length(lot) between 1 and 60),
  price_per_kg numeric check (price_per_kg > 0),
  written_by text not null
);
