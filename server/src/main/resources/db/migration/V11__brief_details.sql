-- What is usual of a set is no longer written with it: most sets leave no more than how fast they were.
update set_result set details =
    replace(replace(replace(replace(replace(replace(replace(replace(details,
        '"brokeAt":[],', ''),
        '"partners":[],', ''),
        '"enteredLater":false,', ''),
        '"moved":false,', ''),
        '"corrected":0,', ''),
        ',"gapMillis":0}', '}'),
        ',"gaps":0}', '}'),
        '{"gaps":0}', '{}');
