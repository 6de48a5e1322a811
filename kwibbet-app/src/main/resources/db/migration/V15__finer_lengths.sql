-- A tick is an eighth of what it was, 1/975 360 inch, so that halves of whatever is typed are whole numbers of ticks.
update paper set sheet_width = sheet_width * 8, sheet_height = sheet_height * 8, caliper = caliper * 8, margin = margin * 8;
update offcut set width = width * 8, height = height * 8;
update stock_movement set width = width * 8, height = height * 8;
update die set width = width * 8, height = height * 8, metal = metal * 8, pitch = pitch * 8;
update toolbox set longest_cut = longest_cut * 8, trimmer_step = trimmer_step * 8, board_width = board_width * 8,
    thickest_stack = thickest_stack * 8, press_bed = press_bed * 8, press_plate = press_plate * 8;
-- Grooves say of what they are so many parts.
update toolbox set grooves = regexp_replace(grooves, '([0-9]+)', '$1:121920');
