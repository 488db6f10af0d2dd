-- A password that the keeper set must be changed by whom it is for.
alter table account add column first_password boolean default false not null;

-- Who wrote a line by hand; lines from before do not tell.
alter table treatment add column written_by varchar(60);
alter table treatment add column account_id uuid;

-- Everybody who worked and everything that was out of the ordinary has room.
alter table treatment alter column people set data type varchar;
alter table treatment alter column remarks set data type varchar;
alter table correction alter column was set data type varchar;

-- Text that was typed before characters that cannot be seen were refused would be refused when it is read: a mark that can
-- be seen stands in their place.
set @hidden = '[\x00-\x08\x0B\x0C\x0E-\x1F\x7F-\x9F\x{202A}-\x{202E}\x{2066}-\x{2069}]';
set @mark = U&'\FFFD';
update account set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update acid_lot set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update acid_lot set product = regexp_replace(product, @hidden, @mark) where regexp_like(product, @hidden);
update acid_lot set supplier = regexp_replace(supplier, @hidden, @mark) where regexp_like(supplier, @hidden);
update apiary set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update correction set becomes = regexp_replace(becomes, @hidden, @mark) where regexp_like(becomes, @hidden);
update correction set was = regexp_replace(was, @hidden, @mark) where regexp_like(was, @hidden);
update correction set why = regexp_replace(why, @hidden, @mark) where regexp_like(why, @hidden);
update depot set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update gear_note set says = regexp_replace(says, @hidden, @mark) where regexp_like(says, @hidden);
update hive set line = regexp_replace(line, @hidden, @mark) where regexp_like(line, @hidden);
update hive set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update hive set stand = regexp_replace(stand, @hidden, @mark) where regexp_like(stand, @hidden);
update hive_decision set reason = regexp_replace(reason, @hidden, @mark) where regexp_like(reason, @hidden);
update pack set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update people_check set unsafe_reason = regexp_replace(unsafe_reason, @hidden, @mark) where regexp_like(unsafe_reason, @hidden);
update road_crew set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update round set lot = regexp_replace(lot, @hidden, @mark) where regexp_like(lot, @hidden);
update round set off_label_reason = regexp_replace(off_label_reason, @hidden, @mark) where regexp_like(off_label_reason, @hidden);
update round set product = regexp_replace(product, @hidden, @mark) where regexp_like(product, @hidden);
update round set tool = regexp_replace(tool, @hidden, @mark) where regexp_like(tool, @hidden);
update round_hive set exception = regexp_replace(exception, @hidden, @mark) where regexp_like(exception, @hidden);
update round_hive set hive_name = regexp_replace(hive_name, @hidden, @mark) where regexp_like(hive_name, @hidden);
update round_hive set tasks = regexp_replace(tasks, @hidden, @mark) where regexp_like(tasks, @hidden);
update round_kit set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update round_kit set why = regexp_replace(why, @hidden, @mark) where regexp_like(why, @hidden);
update rule_sheet set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update rule_sheet set note = regexp_replace(note, @hidden, @mark) where regexp_like(note, @hidden);
update run_event set reason = regexp_replace(reason, @hidden, @mark) where regexp_like(reason, @hidden);
update run_tool set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update scoop_weighing set lot = regexp_replace(lot, @hidden, @mark) where regexp_like(lot, @hidden);
update scoop_weighing set product = regexp_replace(product, @hidden, @mark) where regexp_like(product, @hidden);
update season_course set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update season_course set off_label_reason = regexp_replace(off_label_reason, @hidden, @mark) where regexp_like(off_label_reason, @hidden);
update season_course set tool = regexp_replace(tool, @hidden, @mark) where regexp_like(tool, @hidden);
update season_locked set reason = regexp_replace(reason, @hidden, @mark) where regexp_like(reason, @hidden);
update series set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update series set off_label_reason = regexp_replace(off_label_reason, @hidden, @mark) where regexp_like(off_label_reason, @hidden);
update series set tool = regexp_replace(tool, @hidden, @mark) where regexp_like(tool, @hidden);
update test_burn set note = regexp_replace(note, @hidden, @mark) where regexp_like(note, @hidden);
update test_burn set pack = regexp_replace(pack, @hidden, @mark) where regexp_like(pack, @hidden);
update tool set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
update tool set note = regexp_replace(note, @hidden, @mark) where regexp_like(note, @hidden);
update treatment set amount = regexp_replace(amount, @hidden, @mark) where regexp_like(amount, @hidden);
update treatment set hive_name = regexp_replace(hive_name, @hidden, @mark) where regexp_like(hive_name, @hidden);
update treatment set lot = regexp_replace(lot, @hidden, @mark) where regexp_like(lot, @hidden);
update treatment set lot_now = regexp_replace(lot_now, @hidden, @mark) where regexp_like(lot_now, @hidden);
update treatment set method = regexp_replace(method, @hidden, @mark) where regexp_like(method, @hidden);
update treatment set off_label_reason = regexp_replace(off_label_reason, @hidden, @mark) where regexp_like(off_label_reason, @hidden);
update treatment set people = regexp_replace(people, @hidden, @mark) where regexp_like(people, @hidden);
update treatment set product = regexp_replace(product, @hidden, @mark) where regexp_like(product, @hidden);
update treatment set remarks = regexp_replace(remarks, @hidden, @mark) where regexp_like(remarks, @hidden);
update winter_outcome set note = regexp_replace(note, @hidden, @mark) where regexp_like(note, @hidden);
update year_band set name = regexp_replace(name, @hidden, @mark) where regexp_like(name, @hidden);
