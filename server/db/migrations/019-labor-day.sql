-- "Labor Day", as the United States spell it: also where it was chosen, hushed, or greeted on.
update settings set holidays_worked = array_replace(holidays_worked, 'Labour Day', 'Labor Day') where country = 'US';
update greeting_rule set occasion = 'holiday.labor day'
  where occasion = 'holiday.labour day' and exists (select 1 from settings where country = 'US');
update hushed h set occasion = 'holiday.labor day'
  where occasion = 'holiday.labour day' and exists (select 1 from settings where country = 'US')
    and not exists (select 1 from hushed o where o.person_id = h.person_id and o.occasion = 'holiday.labor day');
update item_mark set id = replace(id, ':holiday.labour day:', ':holiday.labor day:')
  where id like 'greet:%:holiday.labour day:%' and exists (select 1 from settings where country = 'US');
update greeting_words set id = replace(id, ':holiday.labour day:', ':holiday.labor day:')
  where id like 'greet:%:holiday.labour day:%' and exists (select 1 from settings where country = 'US');
update delivery set key = replace(key, ':holiday.labour day:', ':holiday.labor day:'),
    item_key = replace(item_key, ':holiday.labour day:', ':holiday.labor day:')
  where (key like '%greet:%:holiday.labour day:%' or item_key like 'greet:%:holiday.labour day:%')
    and exists (select 1 from settings where country = 'US');
