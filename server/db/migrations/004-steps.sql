-- Holidays, whom an action was about, cadences fed by a view, people put on a rota by hand.

alter table settings
  -- ISO 3166 of the country whose public holidays are days off; none when empty.
  add column country text not null default '',
  -- The part of the country, where it has holidays of its own.
  add column region text not null default '',
  -- Names of public holidays that are worked all the same.
  add column holidays_worked text[] not null default '{}';

alter table action
  -- The people whose plans it can have changed, when they were few; null for everybody's.
  add column about uuid[];
