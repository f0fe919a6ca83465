-- What is typed at a step is kept under the station and the name of the step, always.
UPDATE drafts SET draft_key = CONCAT(draft_key, '-settings') WHERE draft_key REGEXP '^setup-[0-9]+-dress$';
UPDATE drafts SET draft_key = CONCAT(draft_key, '-speed') WHERE draft_key REGEXP '^setup-[0-9]+-run-in$';
UPDATE drafts SET draft_key = CONCAT(draft_key, '-runout') WHERE draft_key REGEXP '^setup-[0-9]+-true$';
UPDATE drafts SET draft_key = CONCAT(draft_key, '-look') WHERE draft_key REGEXP '^setup-[0-9]+-inspect$';
UPDATE drafts SET draft_key = CONCAT(draft_key, '-flange') WHERE draft_key REGEXP '^setup-[0-9]+-mount$';
UPDATE drafts SET draft_key = CONCAT(draft_key, '-entry') WHERE draft_key REGEXP '^setup-[0-9]+-keep$';
UPDATE drafts SET draft_key = CONCAT(draft_key, '-release') WHERE draft_key REGEXP '^setup-[0-9]+-prove$';
