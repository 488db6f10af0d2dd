-- What was found is kept as a code with its values, of which words are made for whoever reads. Sentences that were kept
-- before stay as they were written.
alter table round_hive alter column each_load set data type varchar(1000);
alter table round_hive alter column label_says set data type varchar(2000);
alter table round_hive alter column burn_says set data type varchar(1000);
alter table run_tool_hive alter column unfit set data type varchar(1000);
alter table round_kit alter column name set data type varchar(1000);
alter table round_kit alter column amount set data type varchar(1000);
alter table round_kit alter column why set data type varchar(1000);
alter table round_kit alter column why set null;
alter table series alter column label_says set data type varchar(2000);
alter table treatment alter column label_says set data type varchar(2000);
alter table treatment alter column weather_from set data type varchar(1000);
alter table weather_folder_file alter column says set data type varchar(4000);
