<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="ar" sourcelanguage="en">
    <context>
        <name>QObject</name>
        <message>
            <source>  gone from the file</source>
            <translation>  غير موجود في الملف</translation>
        </message>
        <message>
            <source>  now: </source>
            <translation>  الآن: </translation>
        </message>
        <message>
            <source> (its window was not closed)</source>
            <translation> (لم تُغلق نافذتها)</translation>
        </message>
        <message>
            <source> An original changed during the run: see the check.</source>
            <translation> تغيّر أحد الأصول أثناء التشغيل: انظر الفحص.</translation>
        </message>
        <message>
            <source> Only %1 are left at %2.</source>
            <translation> لم يبق سوى ⁨%1⁩ في ⁨%2⁩.</translation>
        </message>
        <message>
            <source> The originals are byte for byte as they were.</source>
            <translation> الأصول كما كانت بايتًا ببايت.</translation>
        </message>
        <message>
            <source> Your own typeface stays in use: %1.</source>
            <translation> يبقى خطك قيد الاستعمال: ⁨%1⁩.</translation>
        </message>
        <message>
            <source> · %1 already there</source>
            <translation> · ⁨%1⁩ موجودة من قبل</translation>
        </message>
        <message>
            <source> · %1 can't be made</source>
            <translation> · ⁨%1⁩ لا يمكن صنعها</translation>
        </message>
        <message>
            <source> · %1 left out</source>
            <translation> · ⁨%1⁩ متروكة</translation>
        </message>
        <message>
            <source> · %1 more in line</source>
            <translation> · ⁨%1⁩ أخرى في الانتظار</translation>
        </message>
        <message>
            <source> · %1 worth a look</source>
            <translation> · ⁨%1⁩ تستحق النظر</translation>
        </message>
        <message>
            <source> · ONLY %1 LEFT ON THE DISK</source>
            <translation> · لم يبق على القرص سوى ⁨%1⁩</translation>
        </message>
        <message>
            <source> · THE PLACE IS TOLD</source>
            <translation> · المكان مكشوف</translation>
        </message>
        <message>
            <source> · about %1</source>
            <translation> · حوالي ⁨%1⁩</translation>
        </message>
        <message>
            <source> · about %1 min left</source>
            <translation> · بقي نحو ⁨%1⁩ د</translation>
        </message>
        <message>
            <source> · about %1 s left</source>
            <translation> · بقي نحو ⁨%1⁩ ث</translation>
        </message>
        <message>
            <source> · nothing will be replaced</source>
            <translation> · لن يُستبدل شيء</translation>
        </message>
        <message>
            <source> · seal hard to read on %1 of %2</source>
            <translation> · الختم صعب القراءة على ⁨%1⁩ من ⁨%2⁩</translation>
        </message>
        <message>
            <source>%1 % agree</source>
            <translation>⁨%1⁩ % متطابقة</translation>
        </message>
        <message>
            <source>%1 %2 %3</source>
            <comment>3 copies, of 2 pictures, to a folder</comment>
            <translation>%1 %2 %3</translation>
        </message>
        <message>
            <source>%1 could not be read whole</source>
            <translation>⁨%1⁩ لم تُقرأ كاملة</translation>
        </message>
        <message>
            <source>%1 of %2 copies were searched and tell no place. %3 of %4 originals were read again and are byte for byte as they were. %5 in all.</source>
            <translation>فُتّش ⁨%1⁩ من ⁨%2⁩ من النسخ ولا تكشف مكانًا. قُرئ ⁨%3⁩ من ⁨%4⁩ من الأصول مرة أخرى وهي كما كانت بايتًا ببايت. المجموع ⁨%5⁩.</translation>
        </message>
        <message>
            <source>%1 of %2 parts with any drawing agree; it shows %3 % of the picture</source>
            <translation>⁨%1⁩ من ⁨%2⁩ من الأجزاء المرسومة متطابقة؛ يظهر فيها ⁨%3⁩ % من الصورة</translation>
        </message>
        <message>
            <source>%1 of %2 px are kept for the copy's %3 px   ·   drag the frame, or use the arrow keys</source>
            <translation>يبقى ⁨%1⁩ من ⁨%2⁩ بكسل لأجل ⁨%3⁩ بكسل في النسخة   ·   اسحب الإطار أو استعمل الأسهم</translation>
        </message>
        <message>
            <source>%1 tells a place</source>
            <translation>⁨%1⁩ تكشف مكانًا</translation>
        </message>
        <message>
            <source>%1 tells no place</source>
            <translation>⁨%1⁩ لا تكشف مكانًا</translation>
        </message>
        <message>
            <source>%1 × %2 pixels</source>
            <translation>⁦%1 × %2⁩ بكسل</translation>
        </message>
        <message>
            <source>%1, byte %2</source>
            <translation>⁨%1⁩، البايت ⁨%2⁩</translation>
        </message>
        <message>
            <source>%1, theme %2, style %3</source>
            <translation>⁨%1⁩، السمة ⁨%2⁩، الأسلوب ⁨%3⁩</translation>
        </message>
        <message>
            <source>, </source>
            <translation>، </translation>
        </message>
        <message>
            <source>1 to 5</source>
            <translation>من 1 إلى 5</translation>
        </message>
        <message>
            <source>; </source>
            <translation>؛ </translation>
        </message>
        <message>
            <source>; its delivery has changed since</source>
            <translation>؛ تغيّر تسليمها منذ ذلك</translation>
        </message>
        <message>
            <source>; the original is another one now</source>
            <translation>؛ الأصل الآن غيره</translation>
        </message>
        <message>
            <source>A copy of this picture, as it left</source>
            <translation>نسخة من هذه الصورة كما خرجت</translation>
        </message>
        <message>
            <source>All %1 copies are already there, made from the same originals with the same settings.</source>
            <translation>كل النسخ (⁨%1⁩) موجودة من قبل، من الأصول نفسها وبالإعدادات نفسها.</translation>
        </message>
        <message>
            <source>All stamped</source>
            <translation>كل شيء مختوم</translation>
        </message>
        <message>
            <source>All that left of this original: %1</source>
            <translation>كل ما خرج من هذا الأصل: ⁨%1⁩</translation>
        </message>
        <message>
            <source>Border left %1, right %3,
top %2, bottom %4 px
</source>
            <translation>الإطار يسارًا ⁨%1⁩، يمينًا ⁨%3⁩،
أعلى ⁨%2⁩، أسفل ⁨%4⁩ بكسل
</translation>
        </message>
        <message>
            <source>Choose the folder…</source>
            <translation>اختر المجلد…</translation>
        </message>
        <message>
            <source>Delivered all the same</source>
            <translation>سُلّمت رغم ذلك</translation>
        </message>
        <message>
            <source>Every copy of “%1” will tell where its picture was taken.</source>
            <translation>كل نسخة من «⁨%1⁩» ستكشف أين التُقطت صورتها.</translation>
        </message>
        <message>
            <source>Every key</source>
            <translation>كل المفاتيح</translation>
        </message>
        <message>
            <source>Found</source>
            <translation>العثور</translation>
        </message>
        <message>
            <source>Go on: %1 left</source>
            <translation>تابع: بقي ⁨%1⁩</translation>
        </message>
        <message>
            <source>Held back, and not delivered since: %1</source>
            <translation>محجوزة ولم تُسلّم منذ ذلك: ⁨%1⁩</translation>
        </message>
        <message>
            <source>I want these copies to tell where the pictures were taken</source>
            <translation>أريد أن تكشف هذه النسخ أين التُقطت الصور</translation>
        </message>
        <message>
            <source>Its copy for “%1” needs a look:</source>
            <translation>نسختها لأجل «⁨%1⁩» تستحق النظر:</translation>
        </message>
        <message>
            <source>Its copy for “%1” tells no place.</source>
            <translation>نسختها لأجل «⁨%1⁩» لا تكشف مكانًا.</translation>
        </message>
        <message>
            <source>Its copy for “%1” tells the place.</source>
            <translation>نسختها لأجل «⁨%1⁩» تكشف المكان.</translation>
        </message>
        <message>
            <source>Its words then and now</source>
            <translation>كلماتها حينها والآن</translation>
        </message>
        <message>
            <source>Keep the place out</source>
            <translation>أبقِ المكان خارجها</translation>
        </message>
        <message>
            <source>Keys</source>
            <translation>المفاتيح</translation>
        </message>
        <message>
            <source>Lay at</source>
            <translation>كانت في</translation>
        </message>
        <message>
            <source>Let the place out</source>
            <translation>اكشف المكان</translation>
        </message>
        <message>
            <source>Locale</source>
            <translation>الإعداد الإقليمي</translation>
        </message>
        <message>
            <source>Made for</source>
            <translation>صُنعت لأجل</translation>
        </message>
        <message>
            <source>Made on</source>
            <translation>صُنعت في</translation>
        </message>
        <message>
            <source>No copy can be made as it stands: each would lack something that its delivery promises.</source>
            <translation>لا يمكن صنع نسخة على هذه الحال: سينقص كلًّا منها شيء يعد به تسليمها.</translation>
        </message>
        <message>
            <source>No delivery is ticked for the next run.</source>
            <translation>لا تسليم محدد للتشغيل التالي.</translation>
        </message>
        <message>
            <source>No pictures yet.</source>
            <translation>لا صور بعد.</translation>
        </message>
        <message>
            <source>Nothing more to make</source>
            <translation>لم يبق ما يُصنع</translation>
        </message>
        <message>
            <source>Nothing to make: every name is taken, and the delivery says to leave those pictures out.</source>
            <translation>لا شيء يُصنع: كل اسم مأخوذ، والتسليم يقول بترك تلك الصور.</translation>
        </message>
        <message>
            <source>On paper %1 × %2 mm
at %3 px/in</source>
            <translation>على الورق ⁦%1 × %2⁩ مم
بدقة ⁨%3⁩ بكسل/بوصة</translation>
        </message>
        <message>
            <source>On paper %1 × %2 mm,
if printed at %3 px/in</source>
            <translation>على الورق ⁦%1 × %2⁩ مم،
إذا طُبعت بدقة ⁨%3⁩ بكسل/بوصة</translation>
        </message>
        <message>
            <source>Open</source>
            <translation>المفتوح</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>الأصل</translation>
        </message>
        <message>
            <source>Others that look like it</source>
            <translation>أخرى تشبهها</translation>
        </message>
        <message>
            <source>Our mark</source>
            <translation>علامتنا</translation>
        </message>
        <message>
            <source>Padded to %1 px
</source>
            <translation>مُلئت إلى ⁨%1⁩ بكسل
</translation>
        </message>
        <message>
            <source>Paused after the pictures at hand. The job can be worked on meanwhile.</source>
            <translation>توقف بعد الصور الجارية. يمكن العمل على المهمة في الأثناء.</translation>
        </message>
        <message>
            <source>Picture %1 px
</source>
            <translation>الصورة ⁨%1⁩ بكسل
</translation>
        </message>
        <message>
            <source>Place</source>
            <translation>مكان الالتقاط</translation>
        </message>
        <message>
            <source>Planning…</source>
            <translation>جارٍ التخطيط…</translation>
        </message>
        <message>
            <source>Read with it: %1</source>
            <translation>قُرئ معها: ⁨%1⁩</translation>
        </message>
        <message>
            <source>Reading the originals again: %1 of %2</source>
            <translation>تُقرأ الأصول مرة أخرى: ⁨%1⁩ من ⁨%2⁩</translation>
        </message>
        <message>
            <source>Removed: not in the copy</source>
            <translation>أُزيل: ليس في النسخة</translation>
        </message>
        <message>
            <source>SHA-256</source>
            <translation>SHA-256</translation>
        </message>
        <message>
            <source>Said last</source>
            <translation>آخر ما قيل</translation>
        </message>
        <message>
            <source>Saved in %1.</source>
            <translation>حُفظ في ⁨%1⁩.</translation>
        </message>
        <message>
            <source>Screens</source>
            <translation>الشاشات</translation>
        </message>
        <message>
            <source>Seal</source>
            <translation>الختم</translation>
        </message>
        <message>
            <source>Sent</source>
            <translation>أُرسلت</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>الحجم</translation>
        </message>
        <message>
            <source>Stamp</source>
            <translation>اختم</translation>
        </message>
        <message>
            <source>Stamp this as well, after it</source>
            <translation>اختم هذا أيضًا بعده</translation>
        </message>
        <message>
            <source>Stamping: %1 of %2 · %3</source>
            <translation>جارٍ الختم: ⁨%1⁩ من ⁨%2⁩ · ⁨%3⁩</translation>
        </message>
        <message>
            <source>Stamping…</source>
            <translation>جارٍ الختم…</translation>
        </message>
        <message>
            <source>Stays as it was</source>
            <translation>يبقى كما كان</translation>
        </message>
        <message>
            <source>System</source>
            <translation>النظام</translation>
        </message>
        <message>
            <source>Taken</source>
            <translation>التُقطت</translation>
        </message>
        <message>
            <source>Tells a place</source>
            <translation>يكشف مكانًا</translation>
        </message>
        <message>
            <source>The copy as it left</source>
            <translation>النسخة كما خرجت</translation>
        </message>
        <message>
            <source>The copy of %1 names the place in its words</source>
            <translation>نسخة ⁨%1⁩ تذكر المكان في كلماتها</translation>
        </message>
        <message>
            <source>The original: %1</source>
            <translation>الأصل: ⁨%1⁩</translation>
        </message>
        <message>
            <source>The plan: %1 to make, %2 already there, %3 left out. Nothing has been written yet.</source>
            <translation>الخطة: ⁨%1⁩ للصنع، ⁨%2⁩ موجودة من قبل، ⁨%3⁩ متروكة. لم يُكتب شيء بعد.</translation>
        </message>
        <message>
            <source>Try %1 again</source>
            <translation>أعد محاولة ⁨%1⁩</translation>
        </message>
        <message>
            <source>What it said</source>
            <translation>ما قالته</translation>
        </message>
        <message>
            <source>What it says</source>
            <translation>ما تقوله</translation>
        </message>
        <message>
            <source>What they do</source>
            <translation>ما تفعله</translation>
        </message>
        <message>
            <source>Whoever gets such a copy, or finds it years from now, can read the coordinates and the name of the place: perhaps somebody's home. It can't be taken back.</source>
            <translation>من يحصل على نسخة كهذه، أو يجدها بعد سنين، يمكنه قراءة الإحداثيات واسم المكان: ربما بيت أحدهم. لا يمكن التراجع عن ذلك.</translation>
        </message>
        <message>
            <source>Whole %1 px, ratio %2
</source>
            <translation>الكل ⁨%1⁩ بكسل، النسبة ⁨%L2⁩
</translation>
        </message>
        <message>
            <source>Why</source>
            <translation>السبب</translation>
        </message>
        <message>
            <source>Window</source>
            <translation>النافذة</translation>
        </message>
        <message>
            <source>Written into the copy</source>
            <translation>يُكتب في النسخة</translation>
        </message>
        <message>
            <source>as 2026-05-01</source>
            <translation>مثل 2026-05-01</translation>
        </message>
        <message>
            <source>changed since</source>
            <translation>تغيّرت منذ ذلك</translation>
        </message>
        <message>
            <source>crop %1 of %2 px, ratio %3   ·   %4</source>
            <translation>الاقتصاص ⁨%1⁩ من ⁨%2⁩ بكسل، النسبة ⁨%L3⁩   ·   ⁨%4⁩</translation>
        </message>
        <message>
            <source>drag the frame to crop this picture alone</source>
            <translation>اسحب الإطار لاقتصاص هذه الصورة وحدها</translation>
        </message>
        <message>
            <source>lies there untouched</source>
            <translation>موجودة هناك كما هي</translation>
        </message>
        <message>
            <source>more than asked for: held back</source>
            <translation>أكثر من المطلوب: محجوزة</translation>
        </message>
        <message>
            <source>no longer there</source>
            <translation>لم تعد هناك</translation>
        </message>
        <message>
            <source>none</source>
            <translation>لا شيء</translation>
        </message>
        <message>
            <source>not in the file</source>
            <translation>ليس في الملف</translation>
        </message>
        <message>
            <source>original's quality</source>
            <translation>جودة الأصل</translation>
        </message>
        <message>
            <source>quality %1</source>
            <translation>الجودة ⁨%1⁩</translation>
        </message>
        <message>
            <source>replaced by a later one</source>
            <translation>حلّت محلها نسخة أحدث</translation>
        </message>
        <message>
            <source>still in the file</source>
            <translation>لا يزال في الملف</translation>
        </message>
        <message>
            <source>tall, wide or square</source>
            <translation>طولية أو عرضية أو مربعة</translation>
        </message>
        <message>
            <source>the difference is seen: held back</source>
            <translation>الفرق مرئي: محجوزة</translation>
        </message>
        <message>
            <source>this picture's own crop, Delete takes it back</source>
            <translation>اقتصاص خاص بهذه الصورة، يلغيه مفتاح Delete</translation>
        </message>
        <message>
            <source>to %1</source>
            <translation>إلى ⁨%1⁩</translation>
        </message>
        <message>
            <source>told, as its delivery said</source>
            <translation>كُشف كما قال تسليمها</translation>
        </message>
        <message>
            <source>words, or a pattern with * and ?</source>
            <translation>كلمات، أو نمط فيه * و ?</translation>
        </message>
        <message>
            <source>yes</source>
            <translation>نعم</translation>
        </message>
    </context>
    <context>
        <name>core</name>
        <message numerus="yes">
            <source> and {n} more</source>
            <translation>
                <numerusform> و{n} أخرى</numerusform>
                <numerusform> و{n} أخرى</numerusform>
                <numerusform> و{n} أخرى</numerusform>
                <numerusform> و{n} أخرى</numerusform>
                <numerusform> و{n} أخرى</numerusform>
                <numerusform> و{n} أخرى</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source> · {n} earlier copies will be replaced</source>
            <translation>
                <numerusform> · لا نسخ سابقة ستُستبدل</numerusform>
                <numerusform> · نسخة واحدة سابقة ستُستبدل</numerusform>
                <numerusform> · نسختان سابقة ستُستبدل</numerusform>
                <numerusform> · {n} نسخ سابقة ستُستبدل</numerusform>
                <numerusform> · {n} نسخة سابقة ستُستبدل</numerusform>
                <numerusform> · {n} نسخة سابقة ستُستبدل</numerusform>
            </translation>
        </message>
        <message>
            <source>"Make copies with" in the file manager's menu</source>
            <translation>«اصنع نسخًا بـ» في قائمة مدير الملفات</translation>
        </message>
        <message>
            <source>"stations" is no object</source>
            <translation>‏«stations» ليس كائنًا</translation>
        </message>
        <message>
            <source>"stations.{key}" is no object</source>
            <translation>‏«stations.⁨{key}⁩» ليس كائنًا</translation>
        </message>
        <message>
            <source>"version" is missing or no whole number</source>
            <translation>‏«version» ناقص أو ليس عددًا صحيحًا</translation>
        </message>
        <message>
            <source>"{address}" is no e-mail address</source>
            <translation>«⁨{address}⁩» ليس بريدًا إلكترونيًا</translation>
        </message>
        <message>
            <source>"{address}" is no web address: it begins with https://</source>
            <translation>«⁨{address}⁩» ليس عنوان ويب: يبدأ بـ https://</translation>
        </message>
        <message>
            <source>"{delivery}" has no file format</source>
            <translation>ليس في «⁨{delivery}⁩» صيغة ملف</translation>
        </message>
        <message>
            <source>"{delivery}" has no folder yet</source>
            <translation>ليس لدى «⁨{delivery}⁩» مجلد بعد</translation>
        </message>
        <message>
            <source>"{delivery}" is to be sent, and names no server yet</source>
            <translation>«⁨{delivery}⁩» للإرسال ولم يُذكر له خادم بعد</translation>
        </message>
        <message>
            <source>"{delivery}" is to be sent, and names no server, sender or receiver yet</source>
            <translation>«⁨{delivery}⁩» للإرسال ولم يُذكر له خادم ولا مُرسل ولا مستلم بعد</translation>
        </message>
        <message>
            <source>"{delivery}" names no server</source>
            <translation>«⁨{delivery}⁩» لا يذكر خادمًا</translation>
        </message>
        <message>
            <source>"{delivery}" names no server, sender or receiver</source>
            <translation>«⁨{delivery}⁩» لا يذكر خادمًا ولا مُرسلًا ولا مستلمًا</translation>
        </message>
        <message>
            <source>"{file}" does not end in .png</source>
            <translation>«⁨{file}⁩» لا ينتهي بـ .png</translation>
        </message>
        <message>
            <source>"{file}" has no ending that is known</source>
            <translation>«⁨{file}⁩» ليس له امتداد معروف</translation>
        </message>
        <message>
            <source>"{key}" is no paper that is known</source>
            <translation>«⁨{key}⁩» ليس ورقًا معروفًا</translation>
        </message>
        <message>
            <source>"{part}" is no part</source>
            <translation>«⁨{part}⁩» ليس جزءًا</translation>
        </message>
        <message>
            <source>"{text}" is nothing that can be accepted</source>
            <translation>«⁨{text}⁩» ليس مما يمكن قبوله</translation>
        </message>
        <message>
            <source>"{value}" can't be the value of {option}</source>
            <translation>لا يصح «⁨{value}⁩» قيمةً لـ ⁨{option}⁩</translation>
        </message>
        <message>
            <source>"{value}" is not allowed</source>
            <translation>«⁨{value}⁩» غير مسموح</translation>
        </message>
        <message>
            <source>"{value}" is not one of the standard's values</source>
            <translation>«⁨{value}⁩» ليست من قيم المعيار</translation>
        </message>
        <message>
            <source>% of the height</source>
            <translation>% من الارتفاع</translation>
        </message>
        <message>
            <source>% of the long side</source>
            <translation>% من الضلع الطويل</translation>
        </message>
        <message>
            <source>% of the picture</source>
            <translation>% من الصورة</translation>
        </message>
        <message>
            <source>% of the seal's height</source>
            <translation>% من ارتفاع الختم</translation>
        </message>
        <message>
            <source>% of the seal's unit</source>
            <translation>% من وحدة الختم</translation>
        </message>
        <message>
            <source>% of the seal's width</source>
            <translation>% من عرض الختم</translation>
        </message>
        <message>
            <source>% of the short side</source>
            <translation>% من الضلع القصير</translation>
        </message>
        <message>
            <source>% of the step</source>
            <translation>% من الخطوة</translation>
        </message>
        <message>
            <source>% of the type size</source>
            <translation>% من حجم الخط</translation>
        </message>
        <message>
            <source>% of the width</source>
            <translation>% من العرض</translation>
        </message>
        <message>
            <source>% off the foot</source>
            <translation>% من الأسفل</translation>
        </message>
        <message>
            <source>% off the left</source>
            <translation>% من اليسار</translation>
        </message>
        <message>
            <source>% off the right</source>
            <translation>% من اليمين</translation>
        </message>
        <message>
            <source>% off the top</source>
            <translation>% من الأعلى</translation>
        </message>
        <message numerus="yes">
            <source>%1 of %2 originals tell a place. It is taken out of every copy of “%3”, but {n} still name it in words that stay.</source>
            <translation>
                <numerusform>⁨%1⁩ من ⁨%2⁩ من الأصول تكشف مكانًا. يُزال من كل نسخة من «⁨%3⁩»، لكن عدد ما يذكره بعدُ في كلمات تبقى: {n}.</numerusform>
                <numerusform>⁨%1⁩ من ⁨%2⁩ من الأصول تكشف مكانًا. يُزال من كل نسخة من «⁨%3⁩»، لكن عدد ما يذكره بعدُ في كلمات تبقى: {n}.</numerusform>
                <numerusform>⁨%1⁩ من ⁨%2⁩ من الأصول تكشف مكانًا. يُزال من كل نسخة من «⁨%3⁩»، لكن عدد ما يذكره بعدُ في كلمات تبقى: {n}.</numerusform>
                <numerusform>⁨%1⁩ من ⁨%2⁩ من الأصول تكشف مكانًا. يُزال من كل نسخة من «⁨%3⁩»، لكن عدد ما يذكره بعدُ في كلمات تبقى: {n}.</numerusform>
                <numerusform>⁨%1⁩ من ⁨%2⁩ من الأصول تكشف مكانًا. يُزال من كل نسخة من «⁨%3⁩»، لكن عدد ما يذكره بعدُ في كلمات تبقى: {n}.</numerusform>
                <numerusform>⁨%1⁩ من ⁨%2⁩ من الأصول تكشف مكانًا. يُزال من كل نسخة من «⁨%3⁩»، لكن عدد ما يذكره بعدُ في كلمات تبقى: {n}.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%1, with {n} pictures</source>
            <translation>
                <numerusform>⁨%1⁩، مع لا صور</numerusform>
                <numerusform>⁨%1⁩، مع صورة واحدة</numerusform>
                <numerusform>⁨%1⁩، مع صورتان</numerusform>
                <numerusform>⁨%1⁩، مع {n} صور</numerusform>
                <numerusform>⁨%1⁩، مع {n} صورة</numerusform>
                <numerusform>⁨%1⁩، مع {n} صورة</numerusform>
            </translation>
        </message>
        <message>
            <source>'keep-seal-cli border list' tells which there are</source>
            <translation>الأمر keep-seal-cli border list يعرض الموجود منها</translation>
        </message>
        <message>
            <source>'keep-seal-cli library list' tells which there are</source>
            <translation>الأمر keep-seal-cli library list يعرض الموجود منها</translation>
        </message>
        <message>
            <source>'keep-seal-cli settings --markdown' lists them</source>
            <translation>يسردها الأمر keep-seal-cli settings --markdown</translation>
        </message>
        <message>
            <source>'keep-seal-cli settings --notes' lists what holds copies back</source>
            <translation>الأمر keep-seal-cli settings --notes يعرض ما يحجب النسخ</translation>
        </message>
        <message>
            <source>'keep-seal-cli settings' lists all there are</source>
            <translation>يسردها كلها الأمر keep-seal-cli settings</translation>
        </message>
        <message>
            <source>'keep-seal-cli settings' lists them under rights</source>
            <translation>الأمر keep-seal-cli settings يعرضها تحت rights</translation>
        </message>
        <message>
            <source>'keep-seal-cli sheet list' tells which there are</source>
            <translation>الأمر keep-seal-cli sheet list يعرض الموجود منها</translation>
        </message>
        <message>
            <source>'{command}' ends with the status that the run would end with, as far as it is known without pixels.</source>
            <translation>ينتهي ‏«⁨{command}⁩» بالحالة التي كان التشغيل سينتهي بها، بقدر ما تُعرف من غير بكسلات.</translation>
        </message>
        <message>
            <source>(CAN'T BE MADE)</source>
            <translation>(لا يمكن صنعها)</translation>
        </message>
        <message>
            <source>(HELD BACK)</source>
            <translation>(محجوزة)</translation>
        </message>
        <message>
            <source>(Of the seal's first text.)</source>
            <translation>(لأول نص في الختم.)</translation>
        </message>
        <message>
            <source>(TAKEN: the run will not begin)</source>
            <translation>(الاسم مشغول: لن يبدأ التشغيل)</translation>
        </message>
        <message>
            <source>(already there)</source>
            <translation>(موجودة من قبل)</translation>
        </message>
        <message>
            <source>(left out)</source>
            <translation>(متروكة)</translation>
        </message>
        <message>
            <source>(not said yet)</source>
            <translation>(لم يُذكر بعد)</translation>
        </message>
        <message>
            <source>(replaces an earlier copy)</source>
            <translation>(تستبدل نسخة سابقة)</translation>
        </message>
        <message>
            <source>(yours)</source>
            <translation>(لك)</translation>
        </message>
        <message>
            <source>, </source>
            <translation>، </translation>
        </message>
        <message numerus="yes">
            <source>, {n} copies in letters that wait for you to look at them</source>
            <translation>
                <numerusform>، لا نسخ في رسائل تنتظر نظرك</numerusform>
                <numerusform>، نسخة واحدة في رسائل تنتظر نظرك</numerusform>
                <numerusform>، نسختان في رسائل تنتظر نظرك</numerusform>
                <numerusform>، {n} نسخ في رسائل تنتظر نظرك</numerusform>
                <numerusform>، {n} نسخة في رسائل تنتظر نظرك</numerusform>
                <numerusform>، {n} نسخة في رسائل تنتظر نظرك</numerusform>
            </translation>
        </message>
        <message>
            <source>0: the same size. Square: neither tall nor wide.</source>
            <translation>0: الحجم نفسه. مربعة: لا طولية ولا عرضية.</translation>
        </message>
        <message>
            <source>0: the same size. Tall: at least a seventh higher than wide.</source>
            <translation>0: الحجم نفسه. طولية: ارتفاعها يزيد على عرضها بسُبع على الأقل.</translation>
        </message>
        <message>
            <source>0: the same size. Wide: at least a seventh wider than high.</source>
            <translation>0: الحجم نفسه. عرضية: عرضها يزيد على ارتفاعها بسُبع على الأقل.</translation>
        </message>
        <message>
            <source>10 and 12 keep skies smooth; they have something to keep where 16 bits come through the chain.</source>
            <translation>10 و12 يحفظان نعومة السماء؛ ولهما ما يحفظانه حيث تعبر 16 بت السلسلة.</translation>
        </message>
        <message>
            <source>100 % covers the picture; less lets it show through.</source>
            <translation>100 % يغطي الصورة؛ والأقل يشفّ عنها.</translation>
        </message>
        <message>
            <source>100 % is the seal's unit.</source>
            <translation>100 % هي وحدة الختم.</translation>
        </message>
        <message>
            <source>1080 by 1080, the picture whole on a field of white.</source>
            <translation>1080 في 1080، الصورة كاملة على حقل أبيض.</translation>
        </message>
        <message>
            <source>1080 by 1920, filled: only pictures that stand upright.</source>
            <translation>1080 في 1920، ممتلئة: الصور القائمة فقط.</translation>
        </message>
        <message>
            <source>16 keeps the fine steps of a 16-bit original through the whole chain (PNG, TIFF, AVIF and JPEG XL).</source>
            <translation>16 تحفظ الدرجات الدقيقة لأصل 16 بت عبر السلسلة كلها (PNG وTIFF وAVIF وJPEG XL).</translation>
        </message>
        <message>
            <source>16-bit TIFF in the original's own colours, in the originals' own folders.</source>
            <translation>بصيغة TIFF وبـ 16 بت وبألوان الأصل، في مجلدات الأصول.</translation>
        </message>
        <message>
            <source>1600 pixels as AVIF within 150 kB, and as JPEG beside it for readers that do not know AVIF yet.</source>
            <translation>1600 بكسل AVIF في حدود 150 ك.ب، وإلى جانبها JPEG لمن لا يعرف AVIF بعد.</translation>
        </message>
        <message>
            <source>2048 pixels on the long side with a small mark in the corner.</source>
            <translation>2048 بكسل على الضلع الطويل مع علامة صغيرة في الزاوية.</translation>
        </message>
        <message>
            <source>2500 pixels and at most 500 kB, for forms that refuse larger files: the best quality that fits, fewer pixels where even that is too much.</source>
            <translation>2500 بكسل وعلى الأكثر 500 ك.ب، لاستمارات ترفض الملفات الأكبر: أفضل جودة تسع، وبكسلات أقل حيث يزيد حتى ذلك.</translation>
        </message>
        <message>
            <source>3000 pixels on the long side in a quiet mat; WebP beside JPEG.</source>
            <translation>3000 بكسل على الضلع الطويل في حاشية هادئة؛ WebP إلى جانب JPEG.</translation>
        </message>
        <message>
            <source>4000 pixels and no mark; caption, credit and terms stand in the metadata.</source>
            <translation>4000 بكسل بلا علامة؛ التعليق والنسبة والشروط في البيانات الوصفية.</translation>
        </message>
        <message>
            <source>9 is the smallest file and the longest wait; the pixels are the same.</source>
            <translation>9 أصغر ملف وأطول انتظار؛ والبكسلات نفسها.</translation>
        </message>
        <message>
            <source>A JPEG that keeps its size, direction, finish and colours, and has no border, is not encoded again: only the squares of 8 or 16 pixels under its mark are. The settings above do not count then: they are the original's own.</source>
            <translation>‏JPEG الذي يحفظ حجمه واتجاهه وإنهاءه وألوانه وليس له إطار لا يُرمّز من جديد: بل المربعات ذات 8 أو 16 بكسلًا تحت علامته وحدها. لا تُحسب الإعدادات أعلاه عندئذ: إنها إعدادات الأصل.</translation>
        </message>
        <message>
            <source>A PLACE STANDS IN ITS WORDS</source>
            <translation>في كلماتها مكان</translation>
        </message>
        <message>
            <source>A band along the foot with the picture's own title and your notice.</source>
            <translation>شريط في الأسفل فيه عنوان الصورة وإشعار حقوقك.</translation>
        </message>
        <message>
            <source>A colour</source>
            <translation>لون</translation>
        </message>
        <message>
            <source>A contact sheet (PDF)</source>
            <translation>ورقة مصغّرات (PDF)</translation>
        </message>
        <message>
            <source>A contact sheet (PDF, HTML), a table (CSV) or a web album of a run</source>
            <translation>ورقة مصغّرات (PDF أو HTML) أو جدول (CSV) أو ألبوم للويب لتشغيل</translation>
        </message>
        <message>
            <source>A copy made by Keep Seal, as its mark tells, but none that this register knows.</source>
            <translation>نسخة صنعها Keep Seal كما تقول علامتها، لكنها ليست مما يعرفه هذا السجل.</translation>
        </message>
        <message>
            <source>A copy of the same picture, as it left</source>
            <translation>نسخة من الصورة نفسها كما خرجت</translation>
        </message>
        <message>
            <source>A copy on which nothing helps is not made; else it is made, and told.</source>
            <translation>النسخة التي لا ينفع معها شيء لا تُصنع؛ وإلا تُصنع ويُذكر ذلك.</translation>
        </message>
        <message>
            <source>A copy that needs more bytes at this quality is held back, or gets fewer pixels.</source>
            <translation>النسخة التي تحتاج بهذه الجودة إلى بايتات أكثر تُحجز أو تأخذ بكسلات أقل.</translation>
        </message>
        <message>
            <source>A copy with any note that asks for a look is not delivered until it is mended or accepted.</source>
            <translation>النسخة التي عليها أي ملاحظة تستحق النظر لا تُسلّم حتى يُصلح ذلك أو يُقبل.</translation>
        </message>
        <message>
            <source>A delivery file (JSON), or one of the library; may be given several times</source>
            <translation>ملف تسليم (JSON) أو تسليم من المكتبة؛ يجوز ذكر عدة</translation>
        </message>
        <message>
            <source>A delivery has one when it says where its copies go (place.folder).</source>
            <translation>يكون للتسليم مدخل حين يذكر أين توضع نسخه (place.folder).</translation>
        </message>
        <message>
            <source>A few bytes of XMP by which Keep Seal knows its own copies, so that none is framed and sealed twice. They tell nothing about you or the picture.</source>
            <translation>بضعة بايتات XMP يعرف بها Keep Seal نسخه كي لا تُؤطَّر وتُختم مرتين. لا تقول شيئًا عنك ولا عن الصورة.</translation>
        </message>
        <message>
            <source>A field to list; may be given several times</source>
            <translation>حقل يُعرض؛ يجوز ذكر عدة</translation>
        </message>
        <message>
            <source>A file</source>
            <translation>من ملف</translation>
        </message>
        <message>
            <source>A file of certificates (PEM) that are trusted besides the system's own. Empty: the system's.</source>
            <translation>ملف شهادات (PEM) يوثق بها إلى جانب شهادات النظام. فارغ: شهادات النظام.</translation>
        </message>
        <message>
            <source>A file that says who you are (default: your own, see 'who')</source>
            <translation>ملف يذكر من أنت (وإلا فملفك، انظر who)</translation>
        </message>
        <message>
            <source>A file that says who you are, for this window alone</source>
            <translation>ملف يقول من أنت، لهذه النافذة وحدها</translation>
        </message>
        <message>
            <source>A fine line, some air, and a mat with more weight below.</source>
            <translation>خط رفيع وبعض الفراغ وحاشية أثقل في الأسفل.</translation>
        </message>
        <message>
            <source>A folder for the pictures on which it fared worst, as PNG</source>
            <translation>مجلد للصور التي كان الختم عليها أضعف ما يكون، بصيغة PNG</translation>
        </message>
        <message>
            <source>A gap shows the mat that follows it, or the picture under a border that lies over its edge.</source>
            <translation>الفجوة تُظهر الحاشية التي تليها، أو الصورة تحت إطار يقع على حافتها.</translation>
        </message>
        <message>
            <source>A hidden part is not put on copies and takes no room.</source>
            <translation>الجزء المخفي لا يوضع على النسخ ولا يأخذ مكانًا.</translation>
        </message>
        <message>
            <source>A key's file, instead of a password: the password is its passphrase then, if it has one.</source>
            <translation>ملف مفتاح بدل كلمة المرور: تكون كلمة المرور عندئذ عبارته السرية إن وُجدت.</translation>
        </message>
        <message>
            <source>A ledger</source>
            <translation>دفتر</translation>
        </message>
        <message>
            <source>A line in each page asks them to pass by. It keeps nobody out who knows the address.</source>
            <translation>سطر في كل صفحة يطلب منها أن تتجاوزه. لا يمنع من يعرف العنوان.</translation>
        </message>
        <message>
            <source>A line or box as wide as the widest part beside it (in a row: as tall).</source>
            <translation>خط أو صندوق بعرض أعرض جزء إلى جانبه (وفي صف: بارتفاعه).</translation>
        </message>
        <message>
            <source>A line over the picture, a little away from its edge. The size stays.</source>
            <translation>خط فوق الصورة، بعيد قليلًا عن حافتها. يبقى الحجم.</translation>
        </message>
        <message>
            <source>A line, a box, a box with round corners, or a ring.</source>
            <translation>خط أو صندوق أو صندوق مستدير الزوايا أو حلقة.</translation>
        </message>
        <message>
            <source>A list for fields that are one. May hold tokens such as {year}.</source>
            <translation>قائمة لحقول هي قوائم. يجوز أن تحوي رموزًا مثل ⁨{year}⁩.</translation>
        </message>
        <message>
            <source>A locked part can't be moved by accident.</source>
            <translation>الجزء المقفل لا يتحرك بالخطأ.</translation>
        </message>
        <message>
            <source>A logo for dark ground (SVG, PDF, PNG, TIFF, WebP or JPEG).</source>
            <translation>شعار لأرضية داكنة (SVG أو PDF أو PNG أو TIFF أو WebP أو JPEG).</translation>
        </message>
        <message>
            <source>A logo of one tone has its own colour in one version, and the part's in the other, for ground on which its own can't be seen. With a file for the dark version it does not matter.</source>
            <translation>الشعار ذو اللون الواحد له لونه في إحدى النسختين ولون الجزء في الأخرى، لأرضية لا يُرى عليها لونه. مع ملف للنسخة الداكنة لا يهم ذلك.</translation>
        </message>
        <message>
            <source>A longer one is cut in its middle, so that what tells files apart stays.</source>
            <translation>الأطول يُقطع من وسطه، فيبقى ما يميّز الملفات.</translation>
        </message>
        <message>
            <source>A million pixels each.</source>
            <translation>مليون بكسل لكل منها.</translation>
        </message>
        <message>
            <source>A name as if written by hand, quietly in the corner.</source>
            <translation>اسم كأنه بخط اليد، هادئ في الزاوية.</translation>
        </message>
        <message>
            <source>A name can't hold a slash</source>
            <translation>لا يحوي الاسم شرطة مائلة</translation>
        </message>
        <message>
            <source>A name can't hold a slash; folders have a setting of their own</source>
            <translation>لا يحوي الاسم شرطة مائلة؛ للمجلدات إعداد خاص بها</translation>
        </message>
        <message>
            <source>A name or key of the library, or a file</source>
            <translation>اسم أو مفتاح من المكتبة، أو ملف</translation>
        </message>
        <message>
            <source>A narrow mat with room for words below.</source>
            <translation>حاشية ضيقة فيها متسع للكلمات في الأسفل.</translation>
        </message>
        <message>
            <source>A part of the seal: group</source>
            <translation>جزء من الختم: مجموعة</translation>
        </message>
        <message>
            <source>A part of the seal: logo</source>
            <translation>جزء من الختم: شعار</translation>
        </message>
        <message>
            <source>A part of the seal: shape</source>
            <translation>جزء من الختم: شكل</translation>
        </message>
        <message>
            <source>A part of the seal: text</source>
            <translation>جزء من الختم: نص</translation>
        </message>
        <message>
            <source>A picture that was found</source>
            <translation>صورة عُثر عليها</translation>
        </message>
        <message>
            <source>A plain box behind the seal.</source>
            <translation>صندوق بسيط خلف الختم.</translation>
        </message>
        <message>
            <source>A plate, if needed</source>
            <translation>لوحة عند الحاجة</translation>
        </message>
        <message>
            <source>A proof is saved as a PNG</source>
            <translation>تُحفظ البروفة بصيغة PNG</translation>
        </message>
        <message>
            <source>A ratio, padded</source>
            <translation>نسبة، مملوءة</translation>
        </message>
        <message numerus="yes">
            <source>A removed place stands in words of {n} copies.</source>
            <translation>
                <numerusform>مكان مُزال مذكور في كلمات لا نسخ.</numerusform>
                <numerusform>مكان مُزال مذكور في كلمات نسخة واحدة.</numerusform>
                <numerusform>مكان مُزال مذكور في كلمات نسختان.</numerusform>
                <numerusform>مكان مُزال مذكور في كلمات {n} نسخ.</numerusform>
                <numerusform>مكان مُزال مذكور في كلمات {n} نسخة.</numerusform>
                <numerusform>مكان مُزال مذكور في كلمات {n} نسخة.</numerusform>
            </translation>
        </message>
        <message>
            <source>A ring of the border</source>
            <translation>حلقة من الإطار</translation>
        </message>
        <message>
            <source>A rounded plate with the name: readable on anything.</source>
            <translation>لوحة مستديرة فيها الاسم: مقروءة على أي شيء.</translation>
        </message>
        <message>
            <source>A saved job: its pictures, exceptions and ticked deliveries</source>
            <translation>مهمة محفوظة: صورها واستثناءاتها وتسليماتها المختارة</translation>
        </message>
        <message>
            <source>A seal file, or a name or key of the library</source>
            <translation>ملف ختم، أو اسم أو مفتاح من المكتبة</translation>
        </message>
        <message>
            <source>A seal stands on it</source>
            <translation>عليها ختم</translation>
        </message>
        <message>
            <source>A shadow that falls to one side.</source>
            <translation>ظل يقع إلى جانب.</translation>
        </message>
        <message>
            <source>A shared seal holds seal.json</source>
            <translation>الختم المشارك يحوي seal.json</translation>
        </message>
        <message>
            <source>A short name for the picture.</source>
            <translation>اسم قصير للصورة.</translation>
        </message>
        <message>
            <source>A single seal that would stand on a caption's words moves beside them, the shortest way.</source>
            <translation>الختم المفرد الذي يقع على كلمات تعليق ينتقل إلى جانبها من أقصر طريق.</translation>
        </message>
        <message>
            <source>A size of your own</source>
            <translation>حجم من عندك</translation>
        </message>
        <message>
            <source>A small picture of what leaves (192 pixels), and the part that its seal stands on, are kept beside the register, so that it is found again when it is met cut, small or without metadata, and told from other copies. Off: nothing is kept of the picture; the copy is known by its bytes and its mark alone.</source>
            <translation>تُحفظ عند السجل صورة صغيرة مما يخرج (192 بكسل) والجزء الذي يقع عليه ختمه، ليُعثر عليه إذا صودف مقصوصًا أو صغيرًا أو بلا بيانات وصفية، ويُميَّز من النسخ الأخرى. مطفأ: لا يُحفظ شيء من الصورة؛ وتُعرف النسخة ببايتاتها وعلامتها فقط.</translation>
        </message>
        <message>
            <source>A small preview made from the copy itself, for programs that look for one (JPEG).</source>
            <translation>معاينة صغيرة من النسخة نفسها، للبرامج التي تبحث عنها (JPEG).</translation>
        </message>
        <message>
            <source>A soft glow behind the seal; if needed: where the seal is less readable than you asked for, and as little of it as does it.</source>
            <translation>توهج ناعم خلف الختم؛ عند الحاجة: حيث يكون الختم أقل قراءة مما طلبت، وبأقل قدر يكفي.</translation>
        </message>
        <message>
            <source>A soft shade the mat throws on the picture's edge, against its short side.</source>
            <translation>ظل ناعم تلقيه الحاشية على حافة الصورة، قياسًا إلى ضلعها القصير.</translation>
        </message>
        <message>
            <source>A stack: at the left, middle or right. Side by side: at the top, middle or foot.</source>
            <translation>رصّ: يسارًا أو وسطًا أو يمينًا. جنبًا إلى جنب: أعلى أو وسطًا أو أسفل.</translation>
        </message>
        <message>
            <source>A tall picture gets the tall ratio, a wide one the wide ratio.</source>
            <translation>الصورة الطولية تأخذ النسبة الطولية، والعرضية العرضية.</translation>
        </message>
        <message>
            <source>A warm mat that throws a soft shade, as if cut by hand.</source>
            <translation>حاشية دافئة تلقي ظلًا ناعمًا كأنها قُصت باليد.</translation>
        </message>
        <message>
            <source>A web album into this new folder: plain HTML and CSS, no script</source>
            <translation>ألبوم للويب في هذا المجلد الجديد: HTML وCSS فقط، بلا برامج</translation>
        </message>
        <message>
            <source>A web album of them</source>
            <translation>ألبوم ويب منها</translation>
        </message>
        <message>
            <source>A web page that says the same at length.</source>
            <translation>صفحة ويب تقول ذلك بالتفصيل.</translation>
        </message>
        <message>
            <source>A {what} has "format": "{format}"</source>
            <translation>في ⁨{what}⁩ يكون "format": «⁨{format}⁩»</translation>
        </message>
        <message>
            <source>AVIF</source>
            <translation>AVIF</translation>
        </message>
        <message>
            <source>AVIF bits a channel</source>
            <translation>‏AVIF: بت لكل قناة</translation>
        </message>
        <message>
            <source>AVIF colour detail</source>
            <translation>‏AVIF: تفصيل اللون</translation>
        </message>
        <message>
            <source>AVIF effort</source>
            <translation>‏AVIF: الجهد</translation>
        </message>
        <message>
            <source>AVIF quality</source>
            <translation>‏AVIF: الجودة</translation>
        </message>
        <message numerus="yes">
            <source>About %1, estimated from {n} copies made to find out.</source>
            <translation>
                <numerusform>حوالي ⁨%1⁩، تقديرًا من لا نسخ صُنعت للمعرفة.</numerusform>
                <numerusform>حوالي ⁨%1⁩، تقديرًا من نسخة واحدة صُنعت للمعرفة.</numerusform>
                <numerusform>حوالي ⁨%1⁩، تقديرًا من نسختان صُنعت للمعرفة.</numerusform>
                <numerusform>حوالي ⁨%1⁩، تقديرًا من {n} نسخ صُنعت للمعرفة.</numerusform>
                <numerusform>حوالي ⁨%1⁩، تقديرًا من {n} نسخة صُنعت للمعرفة.</numerusform>
                <numerusform>حوالي ⁨%1⁩، تقديرًا من {n} نسخة صُنعت للمعرفة.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>About {bytes}, estimated from {n} copies made to find out</source>
            <translation>
                <numerusform>حوالي ⁨{bytes}⁩، تقديرًا من النسخ المصنوعة للمعرفة: {n}</numerusform>
                <numerusform>حوالي ⁨{bytes}⁩، تقديرًا من النسخ المصنوعة للمعرفة: {n}</numerusform>
                <numerusform>حوالي ⁨{bytes}⁩، تقديرًا من النسخ المصنوعة للمعرفة: {n}</numerusform>
                <numerusform>حوالي ⁨{bytes}⁩، تقديرًا من النسخ المصنوعة للمعرفة: {n}</numerusform>
                <numerusform>حوالي ⁨{bytes}⁩، تقديرًا من النسخ المصنوعة للمعرفة: {n}</numerusform>
                <numerusform>حوالي ⁨{bytes}⁩، تقديرًا من النسخ المصنوعة للمعرفة: {n}</numerusform>
            </translation>
        </message>
        <message>
            <source>Above</source>
            <translation>فوق</translation>
        </message>
        <message>
            <source>Absolute</source>
            <translation>مطلق</translation>
        </message>
        <message>
            <source>Across</source>
            <translation>أفقيًا</translation>
        </message>
        <message>
            <source>Adapts</source>
            <translation>يتكيّف</translation>
        </message>
        <message>
            <source>Add that file itself to take them</source>
            <translation>أضف ذلك الملف نفسه لأخذها</translation>
        </message>
        <message>
            <source>Add the typeface, or choose another</source>
            <translation>أضف الخط أو اختر غيره</translation>
        </message>
        <message>
            <source>Add to the list</source>
            <translation>أضف إلى القائمة</translation>
        </message>
        <message>
            <source>Added to the name</source>
            <translation>يُضاف إلى الاسم</translation>
        </message>
        <message>
            <source>Address</source>
            <translation>العنوان</translation>
        </message>
        <message>
            <source>Advice on placing, seals as pictures, the library of seals</source>
            <translation>نصائح عن الموضع، والأختام صورًا، ومكتبة الأختام</translation>
        </message>
        <message>
            <source>All</source>
            <translation>الكل</translation>
        </message>
        <message>
            <source>All but plain FTP are encrypted, and the server has to prove who it is.</source>
            <translation>كلها مشفّرة إلا FTP العادي، وعلى الخادم أن يثبت هويته.</translation>
        </message>
        <message>
            <source>All copies that left of a picture, known by its bytes (or those of a copy), else by its path</source>
            <translation>كل ما خرج من نسخ صورة، تُعرف ببايتاتها (أو بايتات نسخة) وإلا فبمسارها</translation>
        </message>
        <message>
            <source>All done.</source>
            <translation>تم كل شيء.</translation>
        </message>
        <message>
            <source>All equal</source>
            <translation>متساوية كلها</translation>
        </message>
        <message>
            <source>All nine</source>
            <translation>التسعة كلها</translation>
        </message>
        <message>
            <source>All of it as JSON lines, to the standard output</source>
            <translation>كله أسطر JSON، إلى المخرج القياسي</translation>
        </message>
        <message>
            <source>All over</source>
            <translation>يغطي الكل</translation>
        </message>
        <message>
            <source>All over and dense, another on each picture: for strangers.</source>
            <translation>يغطي الكل بكثافة، مختلف على كل صورة: للغرباء.</translation>
        </message>
        <message>
            <source>All over means</source>
            <translation>«يغطي الكل» يعني</translation>
        </message>
        <message>
            <source>All over, for pictures that are only to be looked at.</source>
            <translation>يغطي الكل، لصور للنظر فقط.</translation>
        </message>
        <message>
            <source>All over, just seen: for clients who know you.</source>
            <translation>يغطي الكل ويكاد لا يُرى: لعملاء يعرفونك.</translation>
        </message>
        <message>
            <source>All over, the emblem and the name taking turns.</source>
            <translation>يغطي الكل، الشارة والاسم بالتناوب.</translation>
        </message>
        <message>
            <source>All pictures</source>
            <translation>كل الصور</translation>
        </message>
        <message>
            <source>All rights kept, not for machine learning; fill in your web page and address</source>
            <translation>كل الحقوق محفوظة، ليست لتعلم الآلة؛ املأ صفحتك وعنوانك</translation>
        </message>
        <message>
            <source>All that can be said of a copy, by kind</source>
            <translation>كل ما يمكن أن يقال عن نسخة، بحسب النوع</translation>
        </message>
        <message>
            <source>All that file systems take</source>
            <translation>كل ما تقبله أنظمة الملفات</translation>
        </message>
        <message>
            <source>All that left of it:</source>
            <translation>كل ما خرج منها:</translation>
        </message>
        <message>
            <source>All that were sent or left out: a copy that is stamped again may be sent again then</source>
            <translation>كل ما أُرسل أو تُرك: النسخة التي تُختم من جديد يجوز إرسالها من جديد بعدها</translation>
        </message>
        <message>
            <source>All without loss; ZIP is the smallest.</source>
            <translation>كلها بلا فقد؛ ZIP أصغرها.</translation>
        </message>
        <message>
            <source>Allow enlarging, or ask for fewer pixels</source>
            <translation>اسمح بالتكبير أو اطلب بكسلات أقل</translation>
        </message>
        <message>
            <source>Allow more bytes or a lower quality</source>
            <translation>اسمح ببايتات أكثر أو بجودة أدنى</translation>
        </message>
        <message>
            <source>Allow more bytes, a lower quality or fewer pixels</source>
            <translation>اسمح ببايتات أكثر أو بجودة أدنى أو ببكسلات أقل</translation>
        </message>
        <message>
            <source>Allow more bytes, keep full colour detail, or ask for less</source>
            <translation>اسمح ببايتات أكثر، أو أبقِ تفصيل اللون كاملًا، أو اطلب أقل</translation>
        </message>
        <message>
            <source>Allowed</source>
            <translation>مسموح</translation>
        </message>
        <message>
            <source>Allowed places</source>
            <translation>المواضع المسموحة</translation>
        </message>
        <message>
            <source>Allowed: a list of at most {parts} parts</source>
            <translation>المسموح: قائمة من ⁨{parts}⁩ جزءًا على الأكثر</translation>
        </message>
        <message>
            <source>Allowed: a list of at most {rings} rings</source>
            <translation>المسموح: قائمة من ⁨{rings}⁩ حلقة على الأكثر</translation>
        </message>
        <message>
            <source>Allowed: a number from {least} to {most}</source>
            <translation>المسموح: عدد من ⁨{least}⁩ إلى ⁨{most}⁩</translation>
        </message>
        <message>
            <source>Allowed: a number from {least} to {most} {unit}</source>
            <translation>المسموح: عدد من ⁨{least}⁩ إلى ⁨{most}⁩ ⁨{unit}⁩</translation>
        </message>
        <message>
            <source>Allowed: a whole number from {least} to {most}</source>
            <translation>المسموح: عدد صحيح من ⁨{least}⁩ إلى ⁨{most}⁩</translation>
        </message>
        <message>
            <source>Allowed: a whole number from {least} to {most} {unit}</source>
            <translation>المسموح: عدد صحيح من ⁨{least}⁩ إلى ⁨{most}⁩ ⁨{unit}⁩</translation>
        </message>
        <message>
            <source>Allowed: an id no other part has</source>
            <translation>المسموح: معرّف ليس لجزء آخر</translation>
        </message>
        <message>
            <source>Allowed: an object</source>
            <translation>المسموح: كائن</translation>
        </message>
        <message>
            <source>Allowed: at most {letters} in all parts together</source>
            <translation>المسموح: ⁨{letters}⁩ على الأكثر في الأجزاء كلها معًا</translation>
        </message>
        <message>
            <source>Allowed: one line of text of at most {bytes} bytes</source>
            <translation>المسموح: سطر واحد من النص لا يزيد على ⁨{bytes}⁩ بايت</translation>
        </message>
        <message>
            <source>Allowed: one of text, logo, shape, group</source>
            <translation>المسموح: واحد من text وlogo وshape وgroup</translation>
        </message>
        <message>
            <source>Allowed: one of {choices}</source>
            <translation>المسموح: واحد من ⁨{choices}⁩</translation>
        </message>
        <message>
            <source>Allowed: text of at most 120 bytes</source>
            <translation>المسموح: نص لا يزيد على 120 بايتًا</translation>
        </message>
        <message>
            <source>Allowed: text of at most 200 bytes</source>
            <translation>المسموح: نص لا يزيد على 200 بايت</translation>
        </message>
        <message>
            <source>Allowed: text of at most {bytes} bytes</source>
            <translation>المسموح: نص لا يزيد على ⁨{bytes}⁩ بايت</translation>
        </message>
        <message>
            <source>Allowed: the id of a group, at most 8 deep and not inside itself</source>
            <translation>المسموح: معرّف مجموعة، بعمق 8 على الأكثر وليست داخل نفسها</translation>
        </message>
        <message>
            <source>Allowed: {allowed}</source>
            <translation>المسموح: ⁨{allowed}⁩</translation>
        </message>
        <message>
            <source>Allowed: {what}</source>
            <translation>المسموح: ⁨{what}⁩</translation>
        </message>
        <message>
            <source>Along the foot</source>
            <translation>على امتداد الأسفل</translation>
        </message>
        <message>
            <source>Also stamp pictures that are copies made by Keep Seal itself</source>
            <translation>اختم أيضًا صورًا هي نسخ صنعها Keep Seal نفسه</translation>
        </message>
        <message>
            <source>Also where another one has the name; it is set aside</source>
            <translation>حتى إن كان لغيره الاسم نفسه؛ يُنحّى ذاك جانبًا</translation>
        </message>
        <message>
            <source>Also write a page to keep; must not exist</source>
            <translation>واكتب أيضًا صفحة للحفظ؛ يجب ألا تكون موجودة</translation>
        </message>
        <message>
            <source>Alt Text</source>
            <translation>النص البديل</translation>
        </message>
        <message>
            <source>Always</source>
            <translation>دائمًا</translation>
        </message>
        <message>
            <source>Always enlarged</source>
            <translation>تُكبّر دائمًا</translation>
        </message>
        <message>
            <source>Among the originals, under another name</source>
            <translation>بين الأصول باسم آخر</translation>
        </message>
        <message>
            <source>Amount</source>
            <translation>المقدار</translation>
        </message>
        <message>
            <source>An ICC file for RGB or grey.</source>
            <translation>ملف ICC لـ RGB أو الرمادي.</translation>
        </message>
        <message>
            <source>An ICC profile</source>
            <translation>ملف ألوان ICC</translation>
        </message>
        <message>
            <source>An album is a folder of pages that any browser shows. What later runs make for the same folder comes into it as well.</source>
            <translation>الألبوم مجلد صفحات يعرضها أي متصفح. ما تصنعه التشغيلات اللاحقة للمجلد نفسه يدخله أيضًا.</translation>
        </message>
        <message>
            <source>An angle in the corner that holds the name.</source>
            <translation>زاوية في الركن تحمل الاسم.</translation>
        </message>
        <message>
            <source>An e-mail address for questions about your pictures: {studio_contact}.</source>
            <translation>بريد إلكتروني للأسئلة عن صورك: ⁨{studio_contact}⁩.</translation>
        </message>
        <message>
            <source>An environment variable</source>
            <translation>من متغير بيئة</translation>
        </message>
        <message>
            <source>An original or a copy; several may be given</source>
            <translation>أصل أو نسخة؛ يجوز ذكر عدة</translation>
        </message>
        <message>
            <source>An original, byte for byte: "{original}". Copies that left of it: {copies}.</source>
            <translation>أصل، بايتًا ببايت: «⁨{original}⁩». عدد ما خرج منه من نسخ: ⁨{copies}⁩.</translation>
        </message>
        <message>
            <source>Another ratio</source>
            <translation>نسبة أخرى</translation>
        </message>
        <message>
            <source>Answer</source>
            <translation>الجواب</translation>
        </message>
        <message>
            <source>Any</source>
            <translation>أي</translation>
        </message>
        <message>
            <source>Anybody on the way may read the password and the pictures</source>
            <translation>قد يقرأ أي أحد في الطريق كلمة المرور والصور</translation>
        </message>
        <message>
            <source>Anything else</source>
            <translation>أي شيء آخر</translation>
        </message>
        <message>
            <source>Appears coarse first, then fine, over a slow line.</source>
            <translation>يظهر خشنًا أولًا ثم دقيقًا على خط بطيء.</translation>
        </message>
        <message>
            <source>Archive</source>
            <translation>الأرشيف</translation>
        </message>
        <message>
            <source>Around letters, logos and shapes; 0: none.</source>
            <translation>حول الحروف والشعارات والأشكال؛ 0: لا شيء.</translation>
        </message>
        <message>
            <source>Around the dark version.</source>
            <translation>حول النسخة الداكنة.</translation>
        </message>
        <message>
            <source>Around the light version.</source>
            <translation>حول النسخة الفاتحة.</translation>
        </message>
        <message>
            <source>Around the picture</source>
            <translation>حول الصورة</translation>
        </message>
        <message>
            <source>Around the picture, inside the border.</source>
            <translation>حول الصورة، داخل الإطار.</translation>
        </message>
        <message>
            <source>Around: nothing of the picture is lost, the copy grows. Over: the size stays, the picture's edge is covered.</source>
            <translation>حولها: لا يضيع شيء من الصورة وتكبر النسخة. فوقها: يبقى الحجم وتُغطى حافة الصورة.</translation>
        </message>
        <message>
            <source>Arrangement</source>
            <translation>الترتيب</translation>
        </message>
        <message>
            <source>As 'list' shows</source>
            <translation>كما يعرضها list</translation>
        </message>
        <message>
            <source>As 'list' shows; none: all</source>
            <translation>كما يعرضها list؛ بلا ذكر: كلها</translation>
        </message>
        <message>
            <source>As a delivery file with every default</source>
            <translation>ملف تسليم فيه كل القيم المبدئية</translation>
        </message>
        <message>
            <source>As a table for spreadsheets</source>
            <translation>جدولًا لبرنامج جداول</translation>
        </message>
        <message>
            <source>As in "Sluice kite festival".</source>
            <translation>مثل «مهرجان الطائرات الورقية».</translation>
        </message>
        <message>
            <source>As in "staff photographer".</source>
            <translation>مثل «مصور العاملين».</translation>
        </message>
        <message>
            <source>As in --set studio='Your Studio'</source>
            <translation>مثل --set studio='اسم الاستوديو'</translation>
        </message>
        <message>
            <source>As in the original</source>
            <translation>كما في الأصل</translation>
        </message>
        <message>
            <source>As is</source>
            <translation>كما هو</translation>
        </message>
        <message>
            <source>As it is after turning and cropping.</source>
            <translation>كما هي بعد التدوير والاقتصاص.</translation>
        </message>
        <message>
            <source>As it was found</source>
            <translation>كما عُثر عليها</translation>
        </message>
        <message>
            <source>As large as fits</source>
            <translation>بأكبر ما يسع</translation>
        </message>
        <message>
            <source>As long as the others</source>
            <translation>بطول الأخرى</translation>
        </message>
        <message>
            <source>As set</source>
            <translation>كما ضُبط</translation>
        </message>
        <message>
            <source>As set above, or the best of the places you allow, picture by picture.</source>
            <translation>كما ضُبط أعلاه، أو أفضل المواضع التي تسمح بها، صورة بصورة.</translation>
        </message>
        <message>
            <source>As small as unseen</source>
            <translation>بأصغر حجم لا يُرى فرقه</translation>
        </message>
        <message>
            <source>As the JSON Schema of borders</source>
            <translation>مخطط JSON للأطر</translation>
        </message>
        <message>
            <source>As the JSON Schema of delivery files</source>
            <translation>مخطط JSON لملفات التسليم</translation>
        </message>
        <message>
            <source>As the JSON Schema of rights sheets</source>
            <translation>مخطط JSON لأوراق الحقوق</translation>
        </message>
        <message>
            <source>As the JSON Schema of seals</source>
            <translation>مخطط JSON للأختام</translation>
        </message>
        <message>
            <source>As the reference page of the documentation</source>
            <translation>صفحة مرجعية للتوثيق</translation>
        </message>
        <message>
            <source>As the storage names it; it is part of what is signed.</source>
            <translation>كما تسميها الخدمة؛ وهي جزء مما يُوقّع.</translation>
        </message>
        <message>
            <source>As typed</source>
            <translation>كما كُتبت</translation>
        </message>
        <message>
            <source>Ask before any use</source>
            <translation>اسأل قبل أي استعمال</translation>
        </message>
        <message>
            <source>Ask for fewer pixels, or choose another format</source>
            <translation>اطلب بكسلات أقل أو اختر صيغة أخرى</translation>
        </message>
        <message>
            <source>Ask for fewer pixels, or never enlarge</source>
            <translation>اطلب بكسلات أقل أو لا تكبّر أبدًا</translation>
        </message>
        <message>
            <source>Ask for the file again from where it came</source>
            <translation>اطلب الملف من جديد من حيث جاء</translation>
        </message>
        <message>
            <source>Ask its keeper before you go on; nothing was sent, and no password told</source>
            <translation>اسأل القائم عليه قبل أن تمضي؛ لم يُرسل شيء ولم تُذكر كلمة مرور</translation>
        </message>
        <message>
            <source>Ask its keeper; nothing was sent, and no password told</source>
            <translation>اسأل القائم عليه؛ لم يُرسل شيء ولم تُذكر كلمة مرور</translation>
        </message>
        <message>
            <source>Ask the receiver; then choose it and send it again, or take it out of the outbox</source>
            <translation>اسأل المستلم؛ ثم اخترها وأرسلها من جديد أو أخرجها من الصادر</translation>
        </message>
        <message>
            <source>At a point of its own</source>
            <translation>في نقطة خاصة</translation>
        </message>
        <message>
            <source>At byte</source>
            <translation>عند البايت</translation>
        </message>
        <message>
            <source>At most</source>
            <translation>على الأكثر</translation>
        </message>
        <message>
            <source>At most 256 colours</source>
            <translation>256 لونًا على الأكثر</translation>
        </message>
        <message>
            <source>Averaged away</source>
            <translation>إزالة بالمتوسط</translation>
        </message>
        <message>
            <source>Background</source>
            <translation>الخلفية</translation>
        </message>
        <message>
            <source>Badge</source>
            <translation>شعار مستدير</translation>
        </message>
        <message>
            <source>Beginnings of words of names, folders, delivery, seal and what the copy says; all must be there</source>
            <translation>أوائل كلمات من الأسماء والمجلدات والتسليم والختم وما تقوله النسخة؛ يجب وجودها كلها</translation>
        </message>
        <message>
            <source>Behind the dark version.</source>
            <translation>خلف النسخة الداكنة.</translation>
        </message>
        <message>
            <source>Behind the light version.</source>
            <translation>خلف النسخة الفاتحة.</translation>
        </message>
        <message>
            <source>Below</source>
            <translation>تحت</translation>
        </message>
        <message>
            <source>Between neighbours, from ink to ink.</source>
            <translation>بين المتجاورين، من حبر إلى حبر.</translation>
        </message>
        <message>
            <source>Between the seal and the plate's edges.</source>
            <translation>بين الختم وحواف اللوحة.</translation>
        </message>
        <message>
            <source>Between the seal and the strip's edges.</source>
            <translation>بين الختم وحواف الشريط.</translation>
        </message>
        <message>
            <source>Between two rules, a little aslant, as if by hand.</source>
            <translation>بين خطين، مائل قليلًا، كأنه باليد.</translation>
        </message>
        <message>
            <source>Bits a channel</source>
            <translation>بت لكل قناة</translation>
        </message>
        <message>
            <source>Bleed</source>
            <translation>هامش القص</translation>
        </message>
        <message>
            <source>Blue</source>
            <translation>الأزرق</translation>
        </message>
        <message>
            <source>Bold</source>
            <translation>عريض</translation>
        </message>
        <message>
            <source>Border</source>
            <translation>الإطار</translation>
        </message>
        <message>
            <source>Bottom</source>
            <translation>أسفل</translation>
        </message>
        <message>
            <source>Bottom left</source>
            <translation>أسفل اليسار</translation>
        </message>
        <message>
            <source>Bottom left, across</source>
            <translation>أسفل اليسار، أفقيًا</translation>
        </message>
        <message>
            <source>Bottom left, down</source>
            <translation>أسفل اليسار، رأسيًا</translation>
        </message>
        <message>
            <source>Bottom right</source>
            <translation>أسفل اليمين</translation>
        </message>
        <message>
            <source>Bottom right, across</source>
            <translation>أسفل اليمين، أفقيًا</translation>
        </message>
        <message>
            <source>Bottom right, down</source>
            <translation>أسفل اليمين، رأسيًا</translation>
        </message>
        <message>
            <source>Box</source>
            <translation>صندوق</translation>
        </message>
        <message>
            <source>Bright side of edges</source>
            <translation>الجانب الفاتح من الحواف</translation>
        </message>
        <message>
            <source>Brightness</source>
            <translation>السطوع</translation>
        </message>
        <message>
            <source>Bring back the one that was removed last</source>
            <translation>أعد آخر ما أُزيل</translation>
        </message>
        <message>
            <source>Bring that file back under its path, or plan anew</source>
            <translation>أعد ذلك الملف إلى مساره أو خطط من جديد</translation>
        </message>
        <message>
            <source>Bucket</source>
            <translation>الحاوية</translation>
        </message>
        <message>
            <source>But not above</source>
            <translation>ولكن ليس فوق</translation>
        </message>
        <message>
            <source>By</source>
            <translation>بواسطة</translation>
        </message>
        <message>
            <source>By the picture</source>
            <translation>بحسب الصورة</translation>
        </message>
        <message>
            <source>Bytes</source>
            <translation>بايتات</translation>
        </message>
        <message>
            <source>CAPITAL</source>
            <translation>كبيرة</translation>
        </message>
        <message>
            <source>COMMANDS</source>
            <translation>الأوامر</translation>
        </message>
        <message>
            <source>Camera and exposure</source>
            <translation>الكاميرا والتعريض</translation>
        </message>
        <message>
            <source>Capitals</source>
            <translation>حروف كبيرة</translation>
        </message>
        <message>
            <source>Caption</source>
            <translation>التعليق</translation>
        </message>
        <message>
            <source>Cards and cameras that are mounted</source>
            <translation>البطاقات والكاميرات الموصولة</translation>
        </message>
        <message>
            <source>Centre</source>
            <translation>الوسط</translation>
        </message>
        <message>
            <source>Certificates</source>
            <translation>الشهادات</translation>
        </message>
        <message>
            <source>Change one setting first</source>
            <translation>غيّر إعدادًا أولًا</translation>
        </message>
        <message>
            <source>Change one setting, as in --set seal.size=6; see 'keep-seal-cli settings'</source>
            <translation>غيّر إعدادًا، مثل --set seal.size=6؛ انظر keep-seal-cli settings</translation>
        </message>
        <message>
            <source>Change one setting, as in --set sending.user=anna</source>
            <translation>غيّر إعدادًا، مثل --set sending.user=anna</translation>
        </message>
        <message>
            <source>Change those words, or let the sheet drop them</source>
            <translation>غيّر تلك الكلمات أو دع الورقة تحذفها</translation>
        </message>
        <message>
            <source>Characters</source>
            <translation>المحارف</translation>
        </message>
        <message>
            <source>Check its permissions</source>
            <translation>تحقق من أذوناته</translation>
        </message>
        <message>
            <source>Check the addresses</source>
            <translation>تحقق من العناوين</translation>
        </message>
        <message>
            <source>Check the disk that it lies on</source>
            <translation>تحقق من القرص الذي هو عليه</translation>
        </message>
        <message>
            <source>Check the folder there</source>
            <translation>تحقق من المجلد هناك</translation>
        </message>
        <message>
            <source>Check the folder's permissions</source>
            <translation>تحقق من أذونات المجلد</translation>
        </message>
        <message>
            <source>Check the folder's permissions and the space left on the disk</source>
            <translation>تحقق من أذونات المجلد ومن المساحة الباقية على القرص</translation>
        </message>
        <message>
            <source>Check the folder's permissions; the copies themselves are not touched by this</source>
            <translation>تحقق من أذونات المجلد؛ لا يمس ذلك النسخ نفسها</translation>
        </message>
        <message>
            <source>Check the name, and the network</source>
            <translation>تحقق من الاسم ومن الشبكة</translation>
        </message>
        <message>
            <source>Check the path</source>
            <translation>تحقق من المسار</translation>
        </message>
        <message>
            <source>Check the path, and whether its disk is there</source>
            <translation>تحقق من المسار ومن وجود قرصه</translation>
        </message>
        <message>
            <source>Check them, then try it out</source>
            <translation>تحقق منهما ثم جرّب</translation>
        </message>
        <message>
            <source>Choose a TrueType or OpenType file</source>
            <translation>اختر ملف TrueType أو OpenType</translation>
        </message>
        <message>
            <source>Choose a folder</source>
            <translation>اختر مجلدًا</translation>
        </message>
        <message>
            <source>Choose a folder for the copies that holds no originals</source>
            <translation>اختر للنسخ مجلدًا ليس فيه أصول</translation>
        </message>
        <message>
            <source>Choose a larger file, or one with outlines (SVG, PDF)</source>
            <translation>اختر ملفًا أكبر أو ملفًا ذا حدود (SVG أو PDF)</translation>
        </message>
        <message>
            <source>Choose a logo that can be read</source>
            <translation>اختر شعارًا يمكن قراءته</translation>
        </message>
        <message>
            <source>Choose a profile that is there, or other colours</source>
            <translation>اختر ملف ألوان موجودًا أو ألوانًا أخرى</translation>
        </message>
        <message>
            <source>Choose a profile, or other colours</source>
            <translation>اختر ملف ألوان أو ألوانًا أخرى</translation>
        </message>
        <message>
            <source>Choose an RGB or grey ICC profile for a display or a printer</source>
            <translation>اختر ملف ICC لـ RGB أو الرمادي لشاشة أو طابعة</translation>
        </message>
        <message>
            <source>Choose an XMP file with a creator, a notice or other fields of the IPTC standard</source>
            <translation>اختر ملف XMP فيه منشئ أو إشعار أو حقول أخرى من معيار IPTC</translation>
        </message>
        <message>
            <source>Choose another file for the logo</source>
            <translation>اختر ملفًا آخر للشعار</translation>
        </message>
        <message>
            <source>Choose another folder</source>
            <translation>اختر مجلدًا آخر</translation>
        </message>
        <message>
            <source>Choose another folder for the copies</source>
            <translation>اختر مجلدًا آخر للنسخ</translation>
        </message>
        <message>
            <source>Choose another folder for the copies, for example a new one inside it</source>
            <translation>اختر مجلدًا آخر للنسخ، مثلًا مجلدًا جديدًا داخله</translation>
        </message>
        <message>
            <source>Choose another name</source>
            <translation>اختر اسمًا آخر</translation>
        </message>
        <message>
            <source>Choose another name: nothing is ever replaced</source>
            <translation>اختر اسمًا آخر: لا يُستبدل شيء أبدًا</translation>
        </message>
        <message>
            <source>Choose another one, or save the proof sheets as a PDF</source>
            <translation>اختر غيرها أو احفظ أوراق البروفات PDF</translation>
        </message>
        <message>
            <source>Choose another typeface, or other words</source>
            <translation>اختر خطًا آخر أو كلمات أخرى</translation>
        </message>
        <message>
            <source>Choose another way, or say so at the station Sending</source>
            <translation>اختر طريقة أخرى أو اذكر ذلك في محطة الإرسال</translation>
        </message>
        <message>
            <source>Choose at least one</source>
            <translation>اختر واحدة على الأقل</translation>
        </message>
        <message>
            <source>Choose its file, or take the part away</source>
            <translation>اختر ملفه أو أزل الجزء</translation>
        </message>
        <message>
            <source>Choose one</source>
            <translation>اختر واحدًا</translation>
        </message>
        <message>
            <source>Choose one of the list</source>
            <translation>اختر واحدًا من القائمة</translation>
        </message>
        <message>
            <source>Choose such a name</source>
            <translation>اختر اسمًا كهذا</translation>
        </message>
        <message>
            <source>Choose where its copies go</source>
            <translation>اختر إلى أين تذهب نسخه</translation>
        </message>
        <message>
            <source>Chosen</source>
            <translation>المختار</translation>
        </message>
        <message>
            <source>Chosen colour</source>
            <translation>لون مختار</translation>
        </message>
        <message numerus="yes">
            <source>Chosen on the wall: {n} pictures. The delivery that the copies were made for is not in this job: open it, then stamp.</source>
            <translation>
                <numerusform>اختير على الجدار: لا صور. التسليم الذي صُنعت النسخ لأجله ليس في هذه المهمة: افتحه ثم اختم.</numerusform>
                <numerusform>اختير على الجدار: صورة واحدة. التسليم الذي صُنعت النسخ لأجله ليس في هذه المهمة: افتحه ثم اختم.</numerusform>
                <numerusform>اختير على الجدار: صورتان. التسليم الذي صُنعت النسخ لأجله ليس في هذه المهمة: افتحه ثم اختم.</numerusform>
                <numerusform>اختير على الجدار: {n} صور. التسليم الذي صُنعت النسخ لأجله ليس في هذه المهمة: افتحه ثم اختم.</numerusform>
                <numerusform>اختير على الجدار: {n} صورة. التسليم الذي صُنعت النسخ لأجله ليس في هذه المهمة: افتحه ثم اختم.</numerusform>
                <numerusform>اختير على الجدار: {n} صورة. التسليم الذي صُنعت النسخ لأجله ليس في هذه المهمة: افتحه ثم اختم.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Chosen on the wall: {n} pictures. Ticked: %1. Stamp to make their copies again.</source>
            <translation>
                <numerusform>اختير على الجدار: لا صور. وحُدد: ⁨%1⁩. اختم لصنع النسخ مرة أخرى.</numerusform>
                <numerusform>اختير على الجدار: صورة واحدة. وحُدد: ⁨%1⁩. اختم لصنع النسخ مرة أخرى.</numerusform>
                <numerusform>اختير على الجدار: صورتان. وحُدد: ⁨%1⁩. اختم لصنع النسخ مرة أخرى.</numerusform>
                <numerusform>اختير على الجدار: {n} صور. وحُدد: ⁨%1⁩. اختم لصنع النسخ مرة أخرى.</numerusform>
                <numerusform>اختير على الجدار: {n} صورة. وحُدد: ⁨%1⁩. اختم لصنع النسخ مرة أخرى.</numerusform>
                <numerusform>اختير على الجدار: {n} صورة. وحُدد: ⁨%1⁩. اختم لصنع النسخ مرة أخرى.</numerusform>
            </translation>
        </message>
        <message>
            <source>City</source>
            <translation>المدينة</translation>
        </message>
        <message>
            <source>Clear of the caption</source>
            <translation>بعيدًا عن التعليق</translation>
        </message>
        <message>
            <source>Client proofs</source>
            <translation>بروفات العميل</translation>
        </message>
        <message>
            <source>Clockwise from upwards.</source>
            <translation>مع عقارب الساعة من الأعلى.</translation>
        </message>
        <message>
            <source>Clockwise, after the picture was set upright by its own orientation.</source>
            <translation>مع عقارب الساعة، بعد إقامة الصورة حسب اتجاهها.</translation>
        </message>
        <message>
            <source>Clockwise. A strip is not turned.</source>
            <translation>مع عقارب الساعة. الشريط لا يُدار.</translation>
        </message>
        <message>
            <source>Clockwise. The largest upright rectangle is kept; nothing is made up at the corners.</source>
            <translation>مع عقارب الساعة. يبقى أكبر مستطيل قائم؛ ولا يُختلق شيء في الزوايا.</translation>
        </message>
        <message>
            <source>Close Location again, if it is not meant so</source>
            <translation>أغلق مكان الالتقاط من جديد إن لم يكن ذلك مقصودًا</translation>
        </message>
        <message>
            <source>Close other programs, then try again</source>
            <translation>أغلق البرامج الأخرى ثم أعد المحاولة</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>اللون</translation>
        </message>
        <message>
            <source>Colour detail</source>
            <translation>تفصيل اللون</translation>
        </message>
        <message>
            <source>Colour, dark version</source>
            <translation>اللون، النسخة الداكنة</translation>
        </message>
        <message>
            <source>Colour, light version</source>
            <translation>اللون، النسخة الفاتحة</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>الألوان</translation>
        </message>
        <message>
            <source>Colours out of range</source>
            <translation>الألوان خارج المدى</translation>
        </message>
        <message>
            <source>Colours this near become transparent as well, the nearest most.</source>
            <translation>الألوان القريبة بهذا القدر تصير شفافة أيضًا، وأقربها أكثرها.</translation>
        </message>
        <message>
            <source>Common sizes</source>
            <translation>أحجام شائعة</translation>
        </message>
        <message>
            <source>Compare that with what the server's keeper says, then write it at the station Sending</source>
            <translation>قارن ذلك بما يقوله القائم على الخادم ثم اكتبه في محطة الإرسال</translation>
        </message>
        <message>
            <source>Completion for bash, of all commands</source>
            <translation>الإكمال لـ bash، لكل الأوامر</translation>
        </message>
        <message>
            <source>Composed of several captures</source>
            <translation>مركّبة من عدة لقطات</translation>
        </message>
        <message>
            <source>Connect, write a small file and take it away again; where that does, copies may be sent there</source>
            <translation>اتصل واكتب ملفًا صغيرًا ثم أزله؛ حيث ينجح ذلك يجوز إرسال النسخ</translation>
        </message>
        <message>
            <source>Contact</source>
            <translation>الاتصال</translation>
        </message>
        <message>
            <source>Contrast</source>
            <translation>التباين</translation>
        </message>
        <message>
            <source>Copies by names, words, days, delivery, folder, seal or size</source>
            <translation>نسخ بحسب الأسماء والكلمات والأيام والتسليم والمجلد والختم والحجم</translation>
        </message>
        <message>
            <source>Copies go</source>
            <translation>تذهب النسخ</translation>
        </message>
        <message>
            <source>Copies listed, the newest first; 0: all</source>
            <translation>عدد النسخ المعروضة، الأحدث أولًا؛ 0: كلها</translation>
        </message>
        <message>
            <source>Copies may be sent there from now on.</source>
            <translation>يجوز من الآن إرسال النسخ إلى هناك.</translation>
        </message>
        <message>
            <source>Copies may be sent to {place} from now on.</source>
            <translation>يجوز من الآن إرسال النسخ إلى ⁨{place}⁩.</translation>
        </message>
        <message>
            <source>Copies of {day}</source>
            <translation>نسخ ⁨{day}⁩</translation>
        </message>
        <message>
            <source>Copies that are to be sent, and sending them</source>
            <translation>نسخ للإرسال، وإرسالها</translation>
        </message>
        <message>
            <source>Copy it again from where it came</source>
            <translation>انسخها من جديد من حيث جاءت</translation>
        </message>
        <message>
            <source>Copy or original lies below this folder</source>
            <translation>النسخة أو الأصل تحت هذا المجلد</translation>
        </message>
        <message>
            <source>Copyright Notice</source>
            <translation>إشعار حقوق النشر</translation>
        </message>
        <message>
            <source>Copyright Owner</source>
            <translation>مالك حقوق النشر</translation>
        </message>
        <message>
            <source>Copyright status</source>
            <translation>حالة حقوق النشر</translation>
        </message>
        <message>
            <source>Corner bracket</source>
            <translation>قوس الزاوية</translation>
        </message>
        <message>
            <source>Corners and edges</source>
            <translation>الزوايا والحواف</translation>
        </message>
        <message numerus="yes">
            <source>Could not be read: {n} ledgers.</source>
            <translation>
                <numerusform>تعذّرت قراءة: لا دفاتر.</numerusform>
                <numerusform>تعذّرت قراءة: دفتر واحد.</numerusform>
                <numerusform>تعذّرت قراءة: دفتران.</numerusform>
                <numerusform>تعذّرت قراءة: {n} دفاتر.</numerusform>
                <numerusform>تعذّرت قراءة: {n} دفترًا.</numerusform>
                <numerusform>تعذّرت قراءة: {n} دفتر.</numerusform>
            </translation>
        </message>
        <message>
            <source>Counted from 1: "2", "1-3, 5", "4-" to the last.</source>
            <translation>العد من 1: «2»، «1-3, 5»، «4-» إلى الأخيرة.</translation>
        </message>
        <message>
            <source>Country</source>
            <translation>البلد</translation>
        </message>
        <message>
            <source>Country Code</source>
            <translation>رمز البلد</translation>
        </message>
        <message>
            <source>Creator</source>
            <translation>المنشئ</translation>
        </message>
        <message>
            <source>Creator's job title</source>
            <translation>المسمى الوظيفي للمنشئ</translation>
        </message>
        <message>
            <source>Credit Line</source>
            <translation>سطر النسبة</translation>
        </message>
        <message>
            <source>Credit line and terms for editorial use; keeps descriptions and keywords as they are</source>
            <translation>سطر النسبة وشروط الاستعمال التحريري؛ تبقى الأوصاف والكلمات المفتاحية كما هي</translation>
        </message>
        <message>
            <source>Crisp: texture, buildings</source>
            <translation>حاد: الملمس والمباني</translation>
        </message>
        <message>
            <source>Crop marks</source>
            <translation>علامات القص</translation>
        </message>
        <message>
            <source>Crop to</source>
            <translation>اقتصاص إلى</translation>
        </message>
        <message>
            <source>Cropped</source>
            <translation>اقتصاص</translation>
        </message>
        <message numerus="yes">
            <source>Cut by {n} bytes in IIM; whole in the others.</source>
            <translation>
                <numerusform>قُطع بقدر لا بايتات في IIM؛ وهو كامل في غيره.</numerusform>
                <numerusform>قُطع بقدر بايت واحد في IIM؛ وهو كامل في غيره.</numerusform>
                <numerusform>قُطع بقدر بايتان في IIM؛ وهو كامل في غيره.</numerusform>
                <numerusform>قُطع بقدر {n} بايتات في IIM؛ وهو كامل في غيره.</numerusform>
                <numerusform>قُطع بقدر {n} بايتًا في IIM؛ وهو كامل في غيره.</numerusform>
                <numerusform>قُطع بقدر {n} بايت في IIM؛ وهو كامل في غيره.</numerusform>
            </translation>
        </message>
        <message>
            <source>Cut coordinates out of texts</source>
            <translation>اقطع الإحداثيات من النصوص</translation>
        </message>
        <message>
            <source>Cut down</source>
            <translation>إنقاص</translation>
        </message>
        <message>
            <source>Cut empty edges off</source>
            <translation>اقطع الحواف الفارغة</translation>
        </message>
        <message>
            <source>Cut window</source>
            <translation>نافذة مقصوصة</translation>
        </message>
        <message>
            <source>DESCRIPTION</source>
            <translation>الوصف</translation>
        </message>
        <message>
            <source>Dark</source>
            <translation>داكنة</translation>
        </message>
        <message>
            <source>Dark side of edges</source>
            <translation>الجانب الداكن من الحواف</translation>
        </message>
        <message>
            <source>Darken</source>
            <translation>تعتيم</translation>
        </message>
        <message>
            <source>Data Mining</source>
            <translation>التنقيب في البيانات</translation>
        </message>
        <message>
            <source>Date taken</source>
            <translation>تاريخ الالتقاط</translation>
        </message>
        <message>
            <source>Default</source>
            <translation>القيمة المبدئية</translation>
        </message>
        <message>
            <source>Deliver in spite of a note of this kind (KIND or KIND=SUBJECT), for all pictures; see 'settings --notes'</source>
            <translation>سلّم رغم ملاحظة من هذا النوع (KIND أو KIND=SUBJECT)، لكل الصور؛ انظر settings --notes</translation>
        </message>
        <message>
            <source>Depth</source>
            <translation>العمق</translation>
        </message>
        <message>
            <source>Description</source>
            <translation>الوصف</translation>
        </message>
        <message>
            <source>Developed</source>
            <translation>مُظهَّرة</translation>
        </message>
        <message>
            <source>Developed: from the sensor's data, neutral, 16 bits, with the camera's white balance. The camera's own: the JPEG it put into the file.</source>
            <translation>مُظهَّرة: من بيانات المستشعر، محايدة، 16 بت، بتوازن أبيض الكاميرا. صورة الكاميرا: ملف JPEG الذي وضعته فيه.</translation>
        </message>
        <message>
            <source>Did you mean </source>
            <translation>هل تقصد </translation>
        </message>
        <message>
            <source>Did you mean '{command}'?</source>
            <translation>هل قصدت «⁨{command}⁩»؟</translation>
        </message>
        <message>
            <source>Did you mean {near}?</source>
            <translation>هل تقصد ⁨{near}⁩؟</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>الفرق</translation>
        </message>
        <message>
            <source>Difference no worse than</source>
            <translation>فرق لا يسوء عن</translation>
        </message>
        <message>
            <source>Digital Source Type</source>
            <translation>نوع المصدر الرقمي</translation>
        </message>
        <message>
            <source>Digits</source>
            <translation>الأرقام</translation>
        </message>
        <message>
            <source>Display P3</source>
            <translation>Display P3</translation>
        </message>
        <message>
            <source>Display program version information and exit</source>
            <translation>اعرض الإصدار وانتهِ</translation>
        </message>
        <message>
            <source>Distance</source>
            <translation>المسافة</translation>
        </message>
        <message>
            <source>Distance across</source>
            <translation>المسافة أفقيًا</translation>
        </message>
        <message>
            <source>Distance down</source>
            <translation>المسافة رأسيًا</translation>
        </message>
        <message>
            <source>Do it; else it is only said what would go</source>
            <translation>نفّذ؛ وإلا قيل ما سيذهب فقط</translation>
        </message>
        <message>
            <source>Do not begin</source>
            <translation>لا تبدأ</translation>
        </message>
        <message>
            <source>Do not send it</source>
            <translation>لا ترسلها</translation>
        </message>
        <message>
            <source>Done: {outcomes}.</source>
            <translation>تم: ⁨{outcomes}⁩.</translation>
        </message>
        <message>
            <source>Down</source>
            <translation>رأسيًا</translation>
        </message>
        <message>
            <source>Download</source>
            <translation>تنزيل</translation>
        </message>
        <message>
            <source>Drawn inside</source>
            <translation>مرسوم إلى الداخل</translation>
        </message>
        <message>
            <source>Draws only the letters' outline, this wide; 0 fills them.</source>
            <translation>يرسم حدود الحروف فقط بهذا العرض؛ و0 يملؤها.</translation>
        </message>
        <message>
            <source>Drop keywords that name the place</source>
            <translation>احذف الكلمات المفتاحية التي تذكر المكان</translation>
        </message>
        <message>
            <source>E-mail</source>
            <translation>البريد الإلكتروني</translation>
        </message>
        <message>
            <source>EXAMPLE</source>
            <translation>مثال</translation>
        </message>
        <message>
            <source>EXIT STATUS</source>
            <translation>حالة الخروج</translation>
        </message>
        <message>
            <source>Each its own</source>
            <translation>لكل لونها</translation>
        </message>
        <message>
            <source>Each row needs a file name of this job first, and a field's name above each column</source>
            <translation>يلزم في كل سطر أولًا اسم ملف من هذه المهمة، وفوق كل عمود اسم حقل</translation>
        </message>
        <message>
            <source>Edited by a person</source>
            <translation>حرّره إنسان</translation>
        </message>
        <message>
            <source>Edited with generative AI</source>
            <translation>حُرّر بذكاء اصطناعي توليدي</translation>
        </message>
        <message>
            <source>Editing history</source>
            <translation>تاريخ التحرير</translation>
        </message>
        <message>
            <source>Embedded previews</source>
            <translation>المعاينات المضمّنة</translation>
        </message>
        <message>
            <source>Emblem</source>
            <translation>الشارة</translation>
        </message>
        <message>
            <source>Emblem and name in turn</source>
            <translation>الشارة والاسم بالتناوب</translation>
        </message>
        <message>
            <source>Emblem beside the name</source>
            <translation>الشارة إلى جانب الاسم</translation>
        </message>
        <message>
            <source>Emblem in a ring</source>
            <translation>الشارة في حلقة</translation>
        </message>
        <message>
            <source>Emblem, dark</source>
            <translation>الشارة، داكنة</translation>
        </message>
        <message>
            <source>Emblem, light</source>
            <translation>الشارة، فاتحة</translation>
        </message>
        <message>
            <source>Emblem, light and dark</source>
            <translation>الشارة، فاتحة وداكنة</translation>
        </message>
        <message>
            <source>Emblem, name and year under each other.</source>
            <translation>الشارة والاسم والسنة بعضها تحت بعض.</translation>
        </message>
        <message>
            <source>Empty: none. {delivery} or {year}/{month} are filled in for each picture.</source>
            <translation>فارغ: لا شيء. يُملأ ⁨{delivery}⁩ أو ⁨{year}⁩/⁨{month}⁩ لكل صورة.</translation>
        </message>
        <message>
            <source>End</source>
            <translation>النهاية</translation>
        </message>
        <message>
            <source>End it with .pdf, .html or .csv</source>
            <translation>اجعله ينتهي بـ .pdf أو .html أو .csv</translation>
        </message>
        <message>
            <source>End when all that is there has been worked on</source>
            <translation>انتهِ حين يُعمل على كل ما هناك</translation>
        </message>
        <message>
            <source>Ends at the picture's right edge.</source>
            <translation>ينتهي عند الحافة اليمنى للصورة.</translation>
        </message>
        <message>
            <source>Enlarged pictures are soft; each one is told.</source>
            <translation>الصور المكبّرة ناعمة؛ وكل منها يُذكر.</translation>
        </message>
        <message>
            <source>Enlarged up to a limit</source>
            <translation>تُكبّر إلى حد</translation>
        </message>
        <message>
            <source>Enter starts a new line. {name}, {year}, {creator} and others are filled in for each picture; {title|untitled} says what to put where there is none.</source>
            <translation>مفتاح Enter يبدأ سطرًا جديدًا. يُملأ ⁨{name}⁩ و⁨{year}⁩ و⁨{creator}⁩ وغيرها لكل صورة؛ و{title|بلا عنوان} يقول ما يوضع حيث لا يوجد.</translation>
        </message>
        <message>
            <source>Enter starts a new line. {name}, {year}, {creator} and others are filled in for each picture; {title|untitled} says what to put where there is none. (Of the seal's first text.)</source>
            <translation>مفتاح Enter يبدأ سطرًا جديدًا. يُملأ ⁨{name}⁩ و⁨{year}⁩ و⁨{creator}⁩ وغيرها لكل صورة؛ و{title|بلا عنوان} يقول ما يوضع حيث لا يوجد. (لأول نص في الختم.)</translation>
        </message>
        <message>
            <source>Entries for the library's deliveries that name a folder, and for the window; again after the library changed</source>
            <translation>مداخل لتسليمات المكتبة التي تذكر مجلدًا، وللنافذة؛ أعدها بعد تغيّر المكتبة</translation>
        </message>
        <message numerus="yes">
            <source>Entries for {n} deliveries and for the window.</source>
            <translation>
                <numerusform>مداخل للتسليمات ({n}) وللنافذة.</numerusform>
                <numerusform>مداخل للتسليمات ({n}) وللنافذة.</numerusform>
                <numerusform>مداخل للتسليمات ({n}) وللنافذة.</numerusform>
                <numerusform>مداخل للتسليمات ({n}) وللنافذة.</numerusform>
                <numerusform>مداخل للتسليمات ({n}) وللنافذة.</numerusform>
                <numerusform>مداخل للتسليمات ({n}) وللنافذة.</numerusform>
            </translation>
        </message>
        <message>
            <source>Equal area on every shape</source>
            <translation>مساحة متساوية على كل شكل</translation>
        </message>
        <message>
            <source>Equal on all sides.</source>
            <translation>متساوٍ من كل الجوانب.</translation>
        </message>
        <message>
            <source>Event</source>
            <translation>الحدث</translation>
        </message>
        <message>
            <source>Every other row shifted</source>
            <translation>كل صف ثانٍ مزاح</translation>
        </message>
        <message>
            <source>Every picture</source>
            <translation>كل الصور</translation>
        </message>
        <message>
            <source>Every pixel stays as it is.</source>
            <translation>يبقى كل بكسل كما هو.</translation>
        </message>
        <message>
            <source>Every pixel, no mark, 300 pixels an inch; the lab gets them numbered.</source>
            <translation>كل بكسل، بلا علامة، 300 بكسل في البوصة؛ يستلمها المختبر مرقّمة.</translation>
        </message>
        <message>
            <source>Everything that was made for it</source>
            <translation>كل ما صُنع له</translation>
        </message>
        <message>
            <source>Exact pixels, filled and trimmed</source>
            <translation>بكسلات دقيقة، ممتلئة ومقصوصة</translation>
        </message>
        <message>
            <source>Exact pixels, padded</source>
            <translation>بكسلات دقيقة، مملوءة</translation>
        </message>
        <message>
            <source>Export it again</source>
            <translation>صدّره من جديد</translation>
        </message>
        <message>
            <source>Export it as a JPEG, TIFF or DNG first</source>
            <translation>صدّره أولًا JPEG أو TIFF أو DNG</translation>
        </message>
        <message>
            <source>Extended Description</source>
            <translation>الوصف الموسّع</translation>
        </message>
        <message>
            <source>FILES</source>
            <translation>الملفات</translation>
        </message>
        <message>
            <source>FTP over TLS</source>
            <translation>‏FTP عبر TLS</translation>
        </message>
        <message>
            <source>Fades out near white and black and keeps halos narrow.</source>
            <translation>يخفت قرب الأبيض والأسود ويُبقي الهالات ضيقة.</translation>
        </message>
        <message>
            <source>Falls towards</source>
            <translation>يقع نحو</translation>
        </message>
        <message>
            <source>Fast page</source>
            <translation>صفحة سريعة</translation>
        </message>
        <message>
            <source>Field</source>
            <translation>الحقل</translation>
        </message>
        <message>
            <source>File</source>
            <translation>الملف</translation>
        </message>
        <message>
            <source>File ending in .pdf, .html or .csv; must not exist</source>
            <translation>ملف ينتهي بـ .pdf أو .html أو .csv؛ يجب ألا يكون موجودًا</translation>
        </message>
        <message>
            <source>Files and folders</source>
            <translation>ملفات ومجلدات</translation>
        </message>
        <message>
            <source>Files of Keep Seal are far smaller; ask for it again from where it came</source>
            <translation>ملفات Keep Seal أصغر بكثير؛ اطلبه من جديد من حيث جاء</translation>
        </message>
        <message>
            <source>Files of any origin, and folders with all in them</source>
            <translation>ملفات من أي مصدر، ومجلدات بكل ما فيها</translation>
        </message>
        <message>
            <source>Fill where it is empty</source>
            <translation>املأ حيث يكون فارغًا</translation>
        </message>
        <message>
            <source>Filled and padded reach the paper to the pixel.</source>
            <translation>الممتلئ والمملوء يبلغان الورق بالبكسل.</translation>
        </message>
        <message>
            <source>Filled, trimmed</source>
            <translation>ممتلئة، مقصوصة</translation>
        </message>
        <message>
            <source>Filled: what is kept. Padded: where the picture stands.</source>
            <translation>ممتلئة: ما يبقى. مملوءة: أين تقف الصورة.</translation>
        </message>
        <message>
            <source>Fine detail of about a pixel, in the middle tones only: cloth, sand, hair after a strong reduction. Beside the plain sharpening above.</source>
            <translation>تفصيل دقيق بنحو بكسل، في الدرجات الوسطى فقط: قماش ورمل وشعر بعد تصغير كبير. إلى جانب الشحذ البسيط أعلاه.</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>الإنهاء</translation>
        </message>
        <message>
            <source>Finished copies go into the outbox, which puts them on a server. The run does not wait for it.</source>
            <translation>تذهب النسخ المنتهية إلى الصادر الذي يضعها على خادم. ولا ينتظره التشغيل.</translation>
        </message>
        <message>
            <source>Fit</source>
            <translation>الملاءمة</translation>
        </message>
        <message>
            <source>Fit by</source>
            <translation>الملاءمة حسب</translation>
        </message>
        <message>
            <source>Fit to a size</source>
            <translation>لائم إلى حجم</translation>
        </message>
        <message>
            <source>Folder</source>
            <translation>المجلد</translation>
        </message>
        <message>
            <source>Folder for the copies of the deliveries given</source>
            <translation>مجلد لنسخ التسليمات المذكورة</translation>
        </message>
        <message>
            <source>Folder for the copies, instead of the delivery's own</source>
            <translation>مجلد للنسخ، بدل مجلد التسليم نفسه</translation>
        </message>
        <message>
            <source>Folder inside it</source>
            <translation>مجلد داخله</translation>
        </message>
        <message>
            <source>Folder there</source>
            <translation>المجلد هناك</translation>
        </message>
        <message>
            <source>Folders inside it too</source>
            <translation>والمجلدات داخله أيضًا</translation>
        </message>
        <message>
            <source>Foot</source>
            <translation>التذييل</translation>
        </message>
        <message>
            <source>Foot strip with caption</source>
            <translation>شريط سفلي مع تعليق</translation>
        </message>
        <message>
            <source>For S3: the access key's name.</source>
            <translation>لـ S3: اسم مفتاح الوصول.</translation>
        </message>
        <message>
            <source>For a logo on a plain ground, as JPEG files have it.</source>
            <translation>لشعار على أرضية سادة كما في ملفات JPEG.</translation>
        </message>
        <message>
            <source>For a tall picture, width and height change places.</source>
            <translation>للصورة الطولية يتبادل العرض والارتفاع.</translation>
        </message>
        <message>
            <source>For choosing only; no title or keywords leave the studio</source>
            <translation>للاختيار فقط؛ لا عنوان ولا كلمات مفتاحية تغادر الاستوديو</translation>
        </message>
        <message>
            <source>For drawings and letters: a palette made for the picture, a third of the bytes. Photographs show steps. Files of 16 bits keep all theirs.</source>
            <translation>للرسوم والحروف: لوحة ألوان للصورة وثلث البايتات. الصور الفوتوغرافية تُظهر درجات. ملفات 16 بت تحتفظ بكل ألوانها.</translation>
        </message>
        <message>
            <source>For print and archive; transparency, 8 or 16 bits.</source>
            <translation>للطباعة والأرشيف؛ شفافية، 8 أو 16 بت.</translation>
        </message>
        <message>
            <source>For those who can't see the picture: what is in it, in one sentence.</source>
            <translation>لمن لا يستطيع رؤية الصورة: ما فيها، في جملة واحدة.</translation>
        </message>
        <message numerus="yes">
            <source>Forgotten: {n} rows.</source>
            <translation>
                <numerusform>نُسي: لا أسطر.</numerusform>
                <numerusform>نُسي: سطر واحد.</numerusform>
                <numerusform>نُسي: سطران.</numerusform>
                <numerusform>نُسي: {n} أسطر.</numerusform>
                <numerusform>نُسي: {n} سطرًا.</numerusform>
                <numerusform>نُسي: {n} سطر.</numerusform>
            </translation>
        </message>
        <message>
            <source>Freely</source>
            <translation>بحرية</translation>
        </message>
        <message>
            <source>From</source>
            <translation>من</translation>
        </message>
        <message>
            <source>From 1.</source>
            <translation>من 1.</translation>
        </message>
        <message>
            <source>From edge to edge.</source>
            <translation>من حافة إلى حافة.</translation>
        </message>
        <message>
            <source>From line to line.</source>
            <translation>من سطر إلى سطر.</translation>
        </message>
        <message>
            <source>From row to row.</source>
            <translation>من صف إلى صف.</translation>
        </message>
        <message>
            <source>From seal to seal.</source>
            <translation>من ختم إلى ختم.</translation>
        </message>
        <message>
            <source>From side to side at the height of its place, or along the left or right edge, written upwards or downwards.</source>
            <translation>من جانب إلى جانب على ارتفاع موضعه، أو على الحافة اليسرى أو اليمنى، مكتوبًا صعودًا أو نزولًا.</translation>
        </message>
        <message>
            <source>From the edge of the picture to the ink of the seal.</source>
            <translation>من حافة الصورة إلى حبر الختم.</translation>
        </message>
        <message>
            <source>From the upper and lower edge of the picture to the ink of the seal.</source>
            <translation>من الحافة العليا والسفلى للصورة إلى حبر الختم.</translation>
        </message>
        <message>
            <source>From {count} pictures its shape can be averaged, and {percent} % of it taken off this one.</source>
            <translation>من ⁨{count}⁩ صور يمكن استخلاص متوسط شكله، ونزع ⁨{percent}⁩ % منه عن هذه.</translation>
        </message>
        <message>
            <source>From: {value}</source>
            <translation>من: ⁨{value}⁩</translation>
        </message>
        <message>
            <source>Full (4:4:4)</source>
            <translation>كامل (⁦4:4:4⁩)</translation>
        </message>
        <message>
            <source>Full keeps fine red and blue edges crisp and makes the file a little larger.</source>
            <translation>الكامل يُبقي الحواف الحمراء والزرقاء الدقيقة حادة ويكبّر الملف قليلًا.</translation>
        </message>
        <message>
            <source>Full keeps fine red and blue edges crisp and makes the file larger. By the picture: full where such edges are, else 4:2:0.</source>
            <translation>الكامل يُبقي الحواف الحمراء والزرقاء الدقيقة حادة ويكبّر الملف. بحسب الصورة: كامل حيث توجد حواف كهذه، وإلا ⁦4:2:0⁩.</translation>
        </message>
        <message>
            <source>Gap</source>
            <translation>فجوة</translation>
        </message>
        <message>
            <source>Give K/N, such as 3/8</source>
            <translation>اكتب K/N مثل 3/8</translation>
        </message>
        <message>
            <source>Give it a name that ends in .pdf or .html</source>
            <translation>أعطه اسمًا ينتهي بـ ‎.pdf أو ‎.html</translation>
        </message>
        <message>
            <source>Give it a part, or switch the seal off</source>
            <translation>أعطه جزءًا أو أطفئ الختم</translation>
        </message>
        <message>
            <source>Give it back to your account, or point the XDG folders somewhere else</source>
            <translation>أعده إلى حسابك أو وجّه مجلدات XDG إلى مكان آخر</translation>
        </message>
        <message>
            <source>Give it more strength, or let it get it by itself</source>
            <translation>أعطه قوة أكبر أو دعه يأخذها بنفسه</translation>
        </message>
        <message>
            <source>Give it one</source>
            <translation>أعطه اسمًا</translation>
        </message>
        <message>
            <source>Give that side a mat, or switch the caption off</source>
            <translation>أعط ذلك الجانب حاشية أو أطفئ التعليق</translation>
        </message>
        <message>
            <source>Give the picture that value, or the token a word to stand in</source>
            <translation>أعط الصورة تلك القيمة أو أعط الرمز كلمة تنوب عنها</translation>
        </message>
        <message>
            <source>Give the picture that value, or the token a word to stand in: {{{subject}|...}}</source>
            <translation>أعط الصورة تلك القيمة أو أعط الرمز كلمة تنوب عنها: {{{subject}|...}}</translation>
        </message>
        <message>
            <source>Give the picture the values it asks for, or change the text</source>
            <translation>أعط الصورة القيم التي يطلبها أو غيّر النص</translation>
        </message>
        <message>
            <source>Give the picture the values it asks for, or switch the caption off</source>
            <translation>أعط الصورة القيم التي يطلبها أو أطفئ التعليق</translation>
        </message>
        <message>
            <source>Give the seal a larger margin, or the page less bleed</source>
            <translation>أعط الختم هامشًا أكبر أو الصفحة هامش قص أقل</translation>
        </message>
        <message>
            <source>Give the seal a part</source>
            <translation>أعط الختم جزءًا</translation>
        </message>
        <message>
            <source>Given up; its ledger: {file}</source>
            <translation>تُرك؛ دفتره: ⁨{file}⁩</translation>
        </message>
        <message>
            <source>Gives back what making the picture smaller took. A picture that keeps its own pixels is left as it is.</source>
            <translation>يعيد ما أخذه تصغير الصورة. الصورة التي تحفظ بكسلاتها تُترك كما هي.</translation>
        </message>
        <message>
            <source>Go on until nothing waits any more, with a pause after each failure</source>
            <translation>واصل حتى لا ينتظر شيء، مع توقف بعد كل إخفاق</translation>
        </message>
        <message>
            <source>Go on with a run that was stopped or killed</source>
            <translation>واصل تشغيلًا أُوقف أو انقطع</translation>
        </message>
        <message>
            <source>Grain</source>
            <translation>الحبيبات</translation>
        </message>
        <message>
            <source>Grain amount</source>
            <translation>مقدار الحبيبات</translation>
        </message>
        <message>
            <source>Grain size</source>
            <translation>حجم الحبيبات</translation>
        </message>
        <message>
            <source>Green</source>
            <translation>الأخضر</translation>
        </message>
        <message>
            <source>Greyscale</source>
            <translation>تدرج رمادي</translation>
        </message>
        <message>
            <source>Group</source>
            <translation>مجموعة</translation>
        </message>
        <message>
            <source>Grows until the whole is square; nothing of the picture is cut.</source>
            <translation>يكبر حتى يصير الكل مربعًا؛ لا يُقطع شيء من الصورة.</translation>
        </message>
        <message>
            <source>HELD BACK: {sentence}</source>
            <translation>محجوزة: ⁨{sentence}⁩</translation>
        </message>
        <message>
            <source>Hairlines outside the picture where it is cut.</source>
            <translation>خطوط شعرية خارج الصورة حيث تُقص.</translation>
        </message>
        <message>
            <source>Half the width (4:2:2)</source>
            <translation>نصف العرض (⁦4:2:2⁩)</translation>
        </message>
        <message>
            <source>Halo</source>
            <translation>الهالة</translation>
        </message>
        <message>
            <source>Halo, then plate, then strength</source>
            <translation>الهالة ثم اللوحة ثم القوة</translation>
        </message>
        <message>
            <source>Halo, then strength, then plate</source>
            <translation>الهالة ثم القوة ثم اللوحة</translation>
        </message>
        <message>
            <source>Hard light</source>
            <translation>ضوء قاس</translation>
        </message>
        <message>
            <source>Has to be "these copies tell where the pictures were taken" for location to be kept.</source>
            <translation>يجب أن يكون "these copies tell where the pictures were taken" ليبقى مكان الالتقاط.</translation>
        </message>
        <message>
            <source>Headline</source>
            <translation>العنوان الرئيسي</translation>
        </message>
        <message>
            <source>Heavier at the bottom</source>
            <translation>أثقل في الأسفل</translation>
        </message>
        <message>
            <source>Heavy foot</source>
            <translation>قاعدة ثقيلة</translation>
        </message>
        <message>
            <source>Height</source>
            <translation>الارتفاع</translation>
        </message>
        <message>
            <source>Held copies, and those that wait for their next try, are due now</source>
            <translation>النسخ المحتجزة والتي تنتظر محاولتها التالية يحين وقتها الآن</translation>
        </message>
        <message>
            <source>Helped by</source>
            <translation>يساعد على ذلك</translation>
        </message>
        <message numerus="yes">
            <source>Here already: {n} runs.</source>
            <translation>
                <numerusform>موجود هنا من قبل: لا تشغيلات.</numerusform>
                <numerusform>موجود هنا من قبل: تشغيل واحد.</numerusform>
                <numerusform>موجود هنا من قبل: تشغيلان.</numerusform>
                <numerusform>موجود هنا من قبل: {n} تشغيلات.</numerusform>
                <numerusform>موجود هنا من قبل: {n} تشغيلًا.</numerusform>
                <numerusform>موجود هنا من قبل: {n} تشغيل.</numerusform>
            </translation>
        </message>
        <message>
            <source>Hidden</source>
            <translation>مخفي</translation>
        </message>
        <message>
            <source>Higher keeps more and makes larger files.</source>
            <translation>الأعلى يحفظ أكثر ويصنع ملفات أكبر.</translation>
        </message>
        <message>
            <source>Higher keeps more and makes larger files; 85 to 92 is usual for screens.</source>
            <translation>الأعلى يحفظ أكثر ويصنع ملفات أكبر؛ المعتاد للشاشات من 85 إلى 92.</translation>
        </message>
        <message>
            <source>Higher keeps more and makes larger files; 90 can hardly be told from the original.</source>
            <translation>الأعلى يحفظ أكثر ويصنع ملفات أكبر؛ 90 لا يكاد يُميّز من الأصل.</translation>
        </message>
        <message>
            <source>Higher keeps more and makes larger files; its numbers are not those of JPEG.</source>
            <translation>الأعلى يحفظ أكثر ويصنع ملفات أكبر؛ أعداده ليست أعداد JPEG.</translation>
        </message>
        <message>
            <source>Higher takes longer and makes smaller files.</source>
            <translation>الأعلى يستغرق أطول ويصنع ملفات أصغر.</translation>
        </message>
        <message>
            <source>Hold a folder, a drive or an album against what was made: untouched, changed, missing, foreign</source>
            <translation>قارن مجلدًا أو قرصًا أو ألبومًا بما صُنع: كما هو، متغيّر، مفقود، غريب</translation>
        </message>
        <message>
            <source>Hold back what is worth a look; files that are no pictures fail the command</source>
            <translation>احجب ما يستحق النظر؛ والملفات التي ليست صورًا تُفشل الأمر</translation>
        </message>
        <message>
            <source>Hold unreadable ones back</source>
            <translation>احجز ما لا يُقرأ</translation>
        </message>
        <message>
            <source>House mark</source>
            <translation>علامة الدار</translation>
        </message>
        <message>
            <source>How dark it is at the very edge.</source>
            <translation>كم يكون داكنًا عند الحافة تمامًا.</translation>
        </message>
        <message>
            <source>How far it fades.</source>
            <translation>إلى أي مدى يخفت.</translation>
        </message>
        <message>
            <source>How far it falls.</source>
            <translation>إلى أي مدى يقع.</translation>
        </message>
        <message>
            <source>How far it reaches at full strength.</source>
            <translation>إلى أي مدى يمتد بكامل قوته.</translation>
        </message>
        <message>
            <source>How far its edge fades.</source>
            <translation>إلى أي مدى تخفت حافته.</translation>
        </message>
        <message>
            <source>How far on the way.</source>
            <translation>كم من الطريق.</translation>
        </message>
        <message>
            <source>How far this corner is moved, for a single seal that lies on a surface of the picture.</source>
            <translation>كم تُزاح هذه الزاوية، لختم مفرد يستلقي على سطح في الصورة.</translation>
        </message>
        <message>
            <source>How heavy the letters are; the nearest there is.</source>
            <translation>ثقل الحروف؛ أقرب ما يوجد.</translation>
        </message>
        <message>
            <source>How heavy the letters are; the nearest there is. (Of the seal's first text.)</source>
            <translation>ثقل الحروف؛ أقرب ما يوجد. (لأول نص في الختم.)</translation>
        </message>
        <message>
            <source>How heavy the strokes are; the nearest the typeface has.</source>
            <translation>ثقل الخطوط؛ أقرب ما في الخط.</translation>
        </message>
        <message>
            <source>How it is known</source>
            <translation>كيف عُرفت</translation>
        </message>
        <message>
            <source>How lines of different length stand to each other.</source>
            <translation>كيف تقف الأسطر المختلفة الطول بعضها من بعض.</translation>
        </message>
        <message>
            <source>How many pixels the longer side gets.</source>
            <translation>كم بكسلًا للضلع الأطول.</translation>
        </message>
        <message>
            <source>How many pixels the shorter side gets.</source>
            <translation>كم بكسلًا للضلع الأقصر.</translation>
        </message>
        <message>
            <source>How much of the difference to the blurred picture is added.</source>
            <translation>كم يُضاف من الفرق عن الصورة المموّهة.</translation>
        </message>
        <message>
            <source>How much of the picture's edge is cut off after printing, all around: the page's trim box lies so far inside.</source>
            <translation>كم يُقص من حافة الصورة بعد الطباعة من كل الجوانب: بهذا القدر يقع إطار القص داخل الصفحة.</translation>
        </message>
        <message>
            <source>How much of what gets brighter is kept: less of it is crisp and not crunchy.</source>
            <translation>كم يبقى مما يزداد سطوعًا: القليل منه حاد غير خشن.</translation>
        </message>
        <message>
            <source>How much of what gets darker is kept.</source>
            <translation>كم يبقى مما يزداد عتمة.</translation>
        </message>
        <message>
            <source>How near to it</source>
            <translation>كم يقرب منه</translation>
        </message>
        <message>
            <source>How new pixels are made from those there are.</source>
            <translation>كيف تُصنع البكسلات الجديدة من الموجودة.</translation>
        </message>
        <message>
            <source>How the copy is saved.</source>
            <translation>كيف تُحفظ النسخة.</translation>
        </message>
        <message>
            <source>How the picture came to be.</source>
            <translation>كيف نشأت الصورة.</translation>
        </message>
        <message>
            <source>How the picture may be used, in words.</source>
            <translation>كيف يجوز استعمال الصورة، بالكلمات.</translation>
        </message>
        <message>
            <source>How the seal's colours and the picture's make the result.</source>
            <translation>كيف تصنع ألوان الختم والصورة النتيجة.</translation>
        </message>
        <message>
            <source>How thick the line is; 0 fills boxes and rings.</source>
            <translation>ثخانة الخط؛ و0 يملأ الصناديق والحلقات.</translation>
        </message>
        <message>
            <source>How wide it is, in what it is measured in.</source>
            <translation>عرضه بوحدة قياسه.</translation>
        </message>
        <message>
            <source>How wide the slopes are.</source>
            <translation>عرض المنحدرات.</translation>
        </message>
        <message>
            <source>ICC profile</source>
            <translation>ملف ألوان ICC</translation>
        </message>
        <message>
            <source>ICC's rendering intents. Relative keeps all colours that fit.</source>
            <translation>مقاصد العرض في ICC. النسبي يُبقي كل الألوان التي تسع.</translation>
        </message>
        <message>
            <source>IIM: a dataset that makes no sense</source>
            <translation>IIM: سجل بيانات لا معنى له</translation>
        </message>
        <message>
            <source>Id</source>
            <translation>المعرّف</translation>
        </message>
        <message>
            <source>If needed</source>
            <translation>عند الحاجة</translation>
        </message>
        <message>
            <source>If the name is taken</source>
            <translation>إذا كان الاسم مأخوذًا</translation>
        </message>
        <message>
            <source>If the name is taken there</source>
            <translation>إذا كان الاسم مأخوذًا هناك</translation>
        </message>
        <message>
            <source>In a strip</source>
            <translation>في شريط</translation>
        </message>
        <message numerus="yes">
            <source>In letters to be looked at: {n} copies of these. To see them: keep-seal-cli outbox letters</source>
            <translation>
                <numerusform>في رسائل تنتظر النظر: {n} منها. لرؤيتها: keep-seal-cli outbox letters</numerusform>
                <numerusform>في رسائل تنتظر النظر: {n} منها. لرؤيتها: keep-seal-cli outbox letters</numerusform>
                <numerusform>في رسائل تنتظر النظر: {n} منها. لرؤيتها: keep-seal-cli outbox letters</numerusform>
                <numerusform>في رسائل تنتظر النظر: {n} منها. لرؤيتها: keep-seal-cli outbox letters</numerusform>
                <numerusform>في رسائل تنتظر النظر: {n} منها. لرؤيتها: keep-seal-cli outbox letters</numerusform>
                <numerusform>في رسائل تنتظر النظر: {n} منها. لرؤيتها: keep-seal-cli outbox letters</numerusform>
            </translation>
        </message>
        <message>
            <source>In linear light</source>
            <translation>في الضوء الخطي</translation>
        </message>
        <message>
            <source>In names and folders also:</source>
            <translation>في الأسماء والمجلدات أيضًا:</translation>
        </message>
        <message>
            <source>In one colour</source>
            <translation>بلون واحد</translation>
        </message>
        <message>
            <source>In pixels of the copy.</source>
            <translation>ببكسلات النسخة.</translation>
        </message>
        <message>
            <source>In pixels.</source>
            <translation>بالبكسل.</translation>
        </message>
        <message>
            <source>In seals, captions and rights sheets:</source>
            <translation>في الأختام والتعليقات وأوراق الحقوق:</translation>
        </message>
        <message>
            <source>In several lines</source>
            <translation>في عدة أسطر</translation>
        </message>
        <message numerus="yes">
            <source>In the outbox: {n} copies more. To send them: {command}</source>
            <translation>
                <numerusform>في الصادر نسخ جديدة: {n}. لإرسالها: ⁨{command}⁩</numerusform>
                <numerusform>في الصادر نسخ جديدة: {n}. لإرسالها: ⁨{command}⁩</numerusform>
                <numerusform>في الصادر نسخ جديدة: {n}. لإرسالها: ⁨{command}⁩</numerusform>
                <numerusform>في الصادر نسخ جديدة: {n}. لإرسالها: ⁨{command}⁩</numerusform>
                <numerusform>في الصادر نسخ جديدة: {n}. لإرسالها: ⁨{command}⁩</numerusform>
                <numerusform>في الصادر نسخ جديدة: {n}. لإرسالها: ⁨{command}⁩</numerusform>
            </translation>
        </message>
        <message>
            <source>In the picture's own tone</source>
            <translation>بلون الصورة نفسها</translation>
        </message>
        <message>
            <source>In what it is measured in.</source>
            <translation>بوحدة قياسه.</translation>
        </message>
        <message numerus="yes">
            <source>In {plain} of {n} pictures the seal is on plain ground; it is hard to read in {hard}.</source>
            <translation>
                <numerusform>الختم على أرضية سادة في ⁨{plain}⁩ من {n} من الصور، وصعب القراءة في ⁨{hard}⁩.</numerusform>
                <numerusform>الختم على أرضية سادة في ⁨{plain}⁩ من {n} من الصور، وصعب القراءة في ⁨{hard}⁩.</numerusform>
                <numerusform>الختم على أرضية سادة في ⁨{plain}⁩ من {n} من الصور، وصعب القراءة في ⁨{hard}⁩.</numerusform>
                <numerusform>الختم على أرضية سادة في ⁨{plain}⁩ من {n} من الصور، وصعب القراءة في ⁨{hard}⁩.</numerusform>
                <numerusform>الختم على أرضية سادة في ⁨{plain}⁩ من {n} من الصور، وصعب القراءة في ⁨{hard}⁩.</numerusform>
                <numerusform>الختم على أرضية سادة في ⁨{plain}⁩ من {n} من الصور، وصعب القراءة في ⁨{hard}⁩.</numerusform>
            </translation>
        </message>
        <message>
            <source>Ink</source>
            <translation>الحبر</translation>
        </message>
        <message>
            <source>Inner shadow</source>
            <translation>ظل داخلي</translation>
        </message>
        <message>
            <source>Inside a box</source>
            <translation>داخل صندوق</translation>
        </message>
        <message>
            <source>Install Keep Seal again</source>
            <translation>ثبّت Keep Seal من جديد</translation>
        </message>
        <message>
            <source>Install Keep Seal again, or set KEEPSEAL_ASSETS to its assets folder</source>
            <translation>ثبّت Keep Seal من جديد أو اضبط KEEPSEAL_ASSETS على مجلد assets</translation>
        </message>
        <message>
            <source>Install Keep Seal again: it reads no picture without it</source>
            <translation>ثبّت Keep Seal من جديد: لا يقرأ صورة من غيره</translation>
        </message>
        <message>
            <source>Instead of a corner, edge or middle.</source>
            <translation>بدل زاوية أو حافة أو وسط.</translation>
        </message>
        <message>
            <source>Instead of the whole seal each time.</source>
            <translation>بدل الختم كله كل مرة.</translation>
        </message>
        <message>
            <source>Instead: a seal file, or a seal of the library</source>
            <translation>بدلًا منه: ملف ختم أو ختم من المكتبة</translation>
        </message>
        <message>
            <source>Instructions</source>
            <translation>التعليمات</translation>
        </message>
        <message>
            <source>Into a folder, keeping the originals' folders</source>
            <translation>في مجلد مع الإبقاء على مجلدات الأصول</translation>
        </message>
        <message>
            <source>Into a new folder beside each original</source>
            <translation>في مجلد جديد إلى جانب كل أصل</translation>
        </message>
        <message>
            <source>Into one folder</source>
            <translation>في مجلد واحد</translation>
        </message>
        <message>
            <source>It fares worst {how}: contrast {contrast} : 1, {left} of 100 of what was asked.</source>
            <translation>أسوأ حاله ⁨{how}⁩: التباين ⁦{contrast} : 1⁩، و⁨{left}⁩ من 100 مما طُلب.</translation>
        </message>
        <message>
            <source>It had {deliveries}</source>
            <translation>كان فيه ⁨{deliveries}⁩</translation>
        </message>
        <message>
            <source>It is in the desktop's secret store.</source>
            <translation>هي في مخزن أسرار سطح المكتب.</translation>
        </message>
        <message>
            <source>It is never written into a delivery, a job or a ledger.</source>
            <translation>لا تُكتب أبدًا في تسليم أو مهمة أو دفتر.</translation>
        </message>
        <message>
            <source>It lies</source>
            <translation>يقع</translation>
        </message>
        <message>
            <source>It sends what waits here as well</source>
            <translation>يرسل ما ينتظر هنا أيضًا</translation>
        </message>
        <message>
            <source>It tells a place: {place}.</source>
            <translation>يكشف مكانًا: ⁨{place}⁩.</translation>
        </message>
        <message>
            <source>It tells no place, and nothing but rights.</source>
            <translation>لا يكشف مكانًا، ولا شيئًا غير الحقوق.</translation>
        </message>
        <message>
            <source>It tells no place, and nothing of anybody.</source>
            <translation>لا يكشف مكانًا، ولا شيئًا عن أحد.</translation>
        </message>
        <message>
            <source>It tells no place. It tells: {kinds}.</source>
            <translation>لا يكشف مكانًا. يكشف: ⁨{kinds}⁩.</translation>
        </message>
        <message>
            <source>It was made again from the ledgers ({copies} copies); the damaged one lies beside it</source>
            <translation>صُنع من جديد من الدفاتر (⁨{copies}⁩ نسخ)؛ والتالف إلى جانبه</translation>
        </message>
        <message>
            <source>Italic</source>
            <translation>مائل</translation>
        </message>
        <message>
            <source>Its SHA-256</source>
            <translation>بصمته SHA-256</translation>
        </message>
        <message>
            <source>Its colour in the dark version.</source>
            <translation>لونه في النسخة الداكنة.</translation>
        </message>
        <message>
            <source>Its colour in the light version.</source>
            <translation>لونه في النسخة الفاتحة.</translation>
        </message>
        <message>
            <source>Its colour in the light version. (Of the seal's first text.)</source>
            <translation>لونه في النسخة الفاتحة. (لأول نص في الختم.)</translation>
        </message>
        <message>
            <source>Its dark version</source>
            <translation>نسخته الداكنة</translation>
        </message>
        <message>
            <source>Its delivery opened the place in words</source>
            <translation>سمح تسليمها بذكر المكان في الكلمات</translation>
        </message>
        <message>
            <source>Its journal (default: the newest)</source>
            <translation>يوميته (وإلا فالأحدث)</translation>
        </message>
        <message>
            <source>Its key</source>
            <translation>مفتاحه</translation>
        </message>
        <message>
            <source>Its middle, where the parts of its group are placed freely.</source>
            <translation>وسطه، حيث توضع أجزاء مجموعته بحرية.</translation>
        </message>
        <message>
            <source>Its most frequent colour</source>
            <translation>أكثر ألوانها تكرارًا</translation>
        </message>
        <message>
            <source>Its name or key</source>
            <translation>اسمه أو مفتاحه</translation>
        </message>
        <message>
            <source>Its name, as in pictures.example.org; with another port, pictures.example.org:2022; for WebDAV with the folder that it begins at, cloud.example.org/dav/anna; for letters the one that takes them from you (port 587, or :465).</source>
            <translation>اسمه، مثل pictures.example.org؛ وبمنفذ آخر pictures.example.org:2022؛ ولـ WebDAV مع المجلد الذي يبدأ منه cloud.example.org/dav/anna؛ وللرسائل الخادم الذي يأخذها منك (المنفذ 587 أو ‎:465).</translation>
        </message>
        <message>
            <source>Its own ratio</source>
            <translation>نسبتها نفسها</translation>
        </message>
        <message>
            <source>Its share of their sum.</source>
            <translation>حصته من مجموعها.</translation>
        </message>
        <message>
            <source>Its share of their sum: less blue darkens the sky.</source>
            <translation>حصته من مجموعها: الأزرق الأقل يعتّم السماء.</translation>
        </message>
        <message>
            <source>Its share of their sum: more red brightens skin.</source>
            <translation>حصته من مجموعها: الأحمر الأكثر يفتّح البشرة.</translation>
        </message>
        <message>
            <source>Its words then and now</source>
            <translation>كلماتها حينها والآن</translation>
        </message>
        <message>
            <source>JPEG</source>
            <translation>JPEG</translation>
        </message>
        <message>
            <source>JPEG XL</source>
            <translation>JPEG XL</translation>
        </message>
        <message>
            <source>JPEG XL effort</source>
            <translation>‏JPEG XL: الجهد</translation>
        </message>
        <message>
            <source>JPEG XL quality</source>
            <translation>‏JPEG XL: الجودة</translation>
        </message>
        <message>
            <source>JPEG XL without loss</source>
            <translation>‏JPEG XL بلا فقد</translation>
        </message>
        <message>
            <source>JPEG XL: a packed box "{box}" that can't be unpacked</source>
            <translation>JPEG XL: صندوق مضغوط «⁨{box}⁩» لا يمكن فك ضغطه</translation>
        </message>
        <message>
            <source>JPEG quality</source>
            <translation>‏JPEG: الجودة</translation>
        </message>
        <message>
            <source>JPEG, full colour</source>
            <translation>‏JPEG، لون كامل</translation>
        </message>
        <message>
            <source>JPEG: no marker where one should be, at byte {n}</source>
            <translation>JPEG: لا توجد علامة حيث ينبغي أن تكون، عند البايت {n}</translation>
        </message>
        <message>
            <source>JPEG: the file ends before the picture does</source>
            <translation>JPEG: ينتهي الملف قبل الصورة</translation>
        </message>
        <message>
            <source>Job identifier</source>
            <translation>معرّف العمل</translation>
        </message>
        <message>
            <source>Join the ledgers of a saved plan's parts, and say what is missing</source>
            <translation>اجمع دفاتر أجزاء خطة محفوظة واذكر ما ينقص</translation>
        </message>
        <message>
            <source>Join what another register exported</source>
            <translation>ضمّ ما صدّره سجل آخر</translation>
        </message>
        <message numerus="yes">
            <source>Joined: {n} runs.</source>
            <translation>
                <numerusform>ضُم: لا تشغيلات.</numerusform>
                <numerusform>ضُم: تشغيل واحد.</numerusform>
                <numerusform>ضُم: تشغيلان.</numerusform>
                <numerusform>ضُم: {n} تشغيلات.</numerusform>
                <numerusform>ضُم: {n} تشغيلًا.</numerusform>
                <numerusform>ضُم: {n} تشغيل.</numerusform>
            </translation>
        </message>
        <message>
            <source>K/N: only the K-th of N parts of it, safely beside the others; again after a kill, it goes on where it was</source>
            <translation>K/N: الجزء K من N فقط، بأمان إلى جانب الأجزاء الأخرى؛ وإن أُعيد بعد انقطاع واصل من حيث كان</translation>
        </message>
        <message>
            <source>Keep</source>
            <translation>أبقِ</translation>
        </message>
        <message>
            <source>Keep Seal reads profiles of up to 8 MB</source>
            <translation>يقرأ Keep Seal ملفات ألوان حتى 8 م.ب</translation>
        </message>
        <message>
            <source>Keep Seal takes pictures of up to 1000 megapixels</source>
            <translation>يأخذ Keep Seal صورًا حتى 1000 ميغابكسل</translation>
        </message>
        <message numerus="yes">
            <source>Keep Seal was ended in the middle of things: the job of {n} pictures is here again as it was.</source>
            <translation>
                <numerusform>أُنهي Keep Seal في وسط العمل: عادت مهمة فيها لا صور كما كانت.</numerusform>
                <numerusform>أُنهي Keep Seal في وسط العمل: عادت مهمة فيها صورة واحدة كما كانت.</numerusform>
                <numerusform>أُنهي Keep Seal في وسط العمل: عادت مهمة فيها صورتان كما كانت.</numerusform>
                <numerusform>أُنهي Keep Seal في وسط العمل: عادت مهمة فيها {n} صور كما كانت.</numerusform>
                <numerusform>أُنهي Keep Seal في وسط العمل: عادت مهمة فيها {n} صورة كما كانت.</numerusform>
                <numerusform>أُنهي Keep Seal في وسط العمل: عادت مهمة فيها {n} صورة كما كانت.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Keep Seal was ended in the middle of things: the job of {n} pictures is kept. The menu brings it back, under Job and pictures.</source>
            <translation>
                <numerusform>أُنهي Keep Seal في وسط العمل: حُفظت مهمة فيها لا صور. تعيدها القائمة تحت «المهمة والصور».</numerusform>
                <numerusform>أُنهي Keep Seal في وسط العمل: حُفظت مهمة فيها صورة واحدة. تعيدها القائمة تحت «المهمة والصور».</numerusform>
                <numerusform>أُنهي Keep Seal في وسط العمل: حُفظت مهمة فيها صورتان. تعيدها القائمة تحت «المهمة والصور».</numerusform>
                <numerusform>أُنهي Keep Seal في وسط العمل: حُفظت مهمة فيها {n} صور. تعيدها القائمة تحت «المهمة والصور».</numerusform>
                <numerusform>أُنهي Keep Seal في وسط العمل: حُفظت مهمة فيها {n} صورة. تعيدها القائمة تحت «المهمة والصور».</numerusform>
                <numerusform>أُنهي Keep Seal في وسط العمل: حُفظت مهمة فيها {n} صورة. تعيدها القائمة تحت «المهمة والصور».</numerusform>
            </translation>
        </message>
        <message>
            <source>Keep its own colour</source>
            <translation>أبقِ لونه</translation>
        </message>
        <message>
            <source>Keep rating and label</source>
            <translation>أبقِ التقييم والعلامة اللونية</translation>
        </message>
        <message>
            <source>Keep the plan in this file, for 'stamp --plan'; must not exist</source>
            <translation>احفظ الخطة في هذا الملف لـ stamp --plan؛ يجب ألا يكون موجودًا</translation>
        </message>
        <message>
            <source>Keeps the logo's shape and draws it in the part's colours.</source>
            <translation>يُبقي شكل الشعار ويرسمه بألوان الجزء.</translation>
        </message>
        <message>
            <source>Kept at the {to}: no allowed place is clearly better.</source>
            <translation>بقي ⁨{to}⁩: لا موضع مسموح أفضل منه بوضوح.</translation>
        </message>
        <message>
            <source>Kept jobs, the ledgers of all runs, the register, the outbox</source>
            <translation>المهام المحفوظة ودفاتر كل التشغيلات والسجل والصادر</translation>
        </message>
        <message>
            <source>Keywords</source>
            <translation>الكلمات المفتاحية</translation>
        </message>
        <message>
            <source>Keywords that hold a city, region or other place that was removed.</source>
            <translation>كلمات مفتاحية فيها مدينة أو منطقة أو مكان آخر أُزيل.</translation>
        </message>
        <message>
            <source>Killed, stopped or under way: {parts}</source>
            <translation>انقطعت أو أُوقفت أو ما زالت جارية: ⁨{parts}⁩</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>النوع</translation>
        </message>
        <message>
            <source>Known again by its looks</source>
            <translation>يُعرف بمظهره</translation>
        </message>
        <message>
            <source>LZW</source>
            <translation>LZW</translation>
        </message>
        <message>
            <source>Larger than</source>
            <translation>أكبر من</translation>
        </message>
        <message>
            <source>Layout</source>
            <translation>التخطيط</translation>
        </message>
        <message>
            <source>Leave as the original has it</source>
            <translation>اتركه كما هو في الأصل</translation>
        </message>
        <message>
            <source>Leave out texts that name the place</source>
            <translation>اترك النصوص التي تذكر المكان</translation>
        </message>
        <message>
            <source>Leave that picture out</source>
            <translation>اترك تلك الصورة</translation>
        </message>
        <message>
            <source>Leave these out, or plan anew</source>
            <translation>احذف هذه أو خطّط من جديد</translation>
        </message>
        <message>
            <source>Ledger: {file}</source>
            <translation>الدفتر: ⁨{file}⁩</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>يسار</translation>
        </message>
        <message>
            <source>Left and right change places.</source>
            <translation>يتبادل اليسار واليمين.</translation>
        </message>
        <message>
            <source>Left out: {sentence}</source>
            <translation>متروكة: ⁨{sentence}⁩</translation>
        </message>
        <message>
            <source>Less</source>
            <translation>أقل</translation>
        </message>
        <message>
            <source>Let letters be smaller, at the station Sending</source>
            <translation>اجعل الرسائل أصغر، في محطة الإرسال</translation>
        </message>
        <message>
            <source>Letter</source>
            <translation>رسالة</translation>
        </message>
        <message>
            <source>Letter (e-mail)</source>
            <translation>رسالة (بريد إلكتروني)</translation>
        </message>
        <message>
            <source>Letter spacing</source>
            <translation>تباعد الحروف</translation>
        </message>
        <message>
            <source>Letters</source>
            <translation>الحروف</translation>
        </message>
        <message>
            <source>Letters as lines only: large, and the picture shows through.</source>
            <translation>حروف بالخطوط فقط: كبيرة، وتشف الصورة من خلالها.</translation>
        </message>
        <message>
            <source>Letters as typed, in capitals, or in small capitals.</source>
            <translation>الحروف كما كُتبت، أو كبيرة، أو كبيرة مصغّرة.</translation>
        </message>
        <message>
            <source>Letters never below</source>
            <translation>الحروف لا تقل عن</translation>
        </message>
        <message>
            <source>Letters that nobody looked at yet, whole</source>
            <translation>رسائل لم ينظر إليها أحد بعد، كاملةً</translation>
        </message>
        <message>
            <source>Levels to the full range</source>
            <translation>الدرجات إلى المدى كله</translation>
        </message>
        <message>
            <source>Licensor</source>
            <translation>المرخِّص</translation>
        </message>
        <message>
            <source>Licensor's e-mail</source>
            <translation>بريد المرخِّص</translation>
        </message>
        <message>
            <source>Licensor's phone</source>
            <translation>هاتف المرخِّص</translation>
        </message>
        <message>
            <source>Licensor's web page</source>
            <translation>صفحة المرخِّص</translation>
        </message>
        <message>
            <source>Light</source>
            <translation>فاتحة</translation>
        </message>
        <message>
            <source>Light from</source>
            <translation>الضوء من</translation>
        </message>
        <message>
            <source>Lighten</source>
            <translation>تفتيح</translation>
        </message>
        <message>
            <source>Like bricks in a wall: 50 %.</source>
            <translation>مثل الطوب في جدار: 50 %.</translation>
        </message>
        <message>
            <source>Limit</source>
            <translation>الحد</translation>
        </message>
        <message>
            <source>Limits to the use that no other field names.</source>
            <translation>قيود على الاستعمال لا يذكرها حقل آخر.</translation>
        </message>
        <message>
            <source>Line</source>
            <translation>خط</translation>
        </message>
        <message>
            <source>Line height</source>
            <translation>ارتفاع السطر</translation>
        </message>
        <message>
            <source>Line inside the picture</source>
            <translation>خط داخل الصورة</translation>
        </message>
        <message>
            <source>Line up the edge</source>
            <translation>ألصق بالحافة</translation>
        </message>
        <message>
            <source>Lined up</source>
            <translation>الاصطفاف</translation>
        </message>
        <message>
            <source>Lines</source>
            <translation>الأسطر</translation>
        </message>
        <message>
            <source>Link</source>
            <translation>الرابط</translation>
        </message>
        <message>
            <source>Link and year</source>
            <translation>الرابط والسنة</translation>
        </message>
        <message>
            <source>List every setting of a delivery</source>
            <translation>اعرض كل إعدادات التسليم</translation>
        </message>
        <message>
            <source>List untouched and foreign files too</source>
            <translation>اعرض أيضًا الملفات التي كما هي والغريبة</translation>
        </message>
        <message>
            <source>Lit and shaded edges, as if pressed into the picture. With little opacity only the edges show.</source>
            <translation>حواف مضاءة ومظللة كأنها مضغوطة في الصورة. مع عتامة قليلة لا تظهر إلا الحواف.</translation>
        </message>
        <message>
            <source>Location</source>
            <translation>مكان الالتقاط</translation>
        </message>
        <message>
            <source>Location, in words</source>
            <translation>مكان الالتقاط بالكلمات</translation>
        </message>
        <message>
            <source>Locked</source>
            <translation>مقفل</translation>
        </message>
        <message>
            <source>Logo</source>
            <translation>شعار</translation>
        </message>
        <message>
            <source>Long side</source>
            <translation>الضلع الطويل</translation>
        </message>
        <message>
            <source>Long side, in pixels</source>
            <translation>الضلع الطويل بالبكسل</translation>
        </message>
        <message>
            <source>Longest name</source>
            <translation>أطول اسم</translation>
        </message>
        <message>
            <source>Look at that file</source>
            <translation>انظر إلى ذلك الملف</translation>
        </message>
        <message>
            <source>Look at the colours of its proof</source>
            <translation>انظر إلى ألوان بروفتها</translation>
        </message>
        <message>
            <source>Look at the file, or take it away</source>
            <translation>انظر إلى الملف أو أبعده</translation>
        </message>
        <message>
            <source>Look at the original, then stamp it again</source>
            <translation>انظر إلى الأصل ثم اختمه من جديد</translation>
        </message>
        <message>
            <source>Look at the picture again</source>
            <translation>انظر إلى الصورة من جديد</translation>
        </message>
        <message>
            <source>Look into folders inside folders too</source>
            <translation>انظر أيضًا في المجلدات داخل المجلدات</translation>
        </message>
        <message>
            <source>Looked at</source>
            <translation>نُظر فيه في</translation>
        </message>
        <message>
            <source>Looks like one of the copies of the same picture, such as "{copy}", made for "{delivery}" on {day}: {percent} % of its parts agree.</source>
            <translation>تشبه إحدى نسخ الصورة نفسها، مثل «⁨{copy}⁩» التي صُنعت لأجل «⁨{delivery}⁩» في ⁨{day}⁩: ⁨{percent}⁩ % من أجزائها متطابقة.</translation>
        </message>
        <message>
            <source>Looks like the copy "{copy}", made for "{delivery}" on {day}: {percent} % of its parts agree, and of all copies of this picture it alone has what is seen here.</source>
            <translation>تشبه النسخة «⁨{copy}⁩» التي صُنعت لأجل «⁨{delivery}⁩» في ⁨{day}⁩: ⁨{percent}⁩ % من أجزائها متطابقة، وهي وحدها من بين كل نسخ هذه الصورة تحمل ما يُرى هنا.</translation>
        </message>
        <message>
            <source>Looks like the copy "{copy}", made for "{delivery}" on {day}: {percent} % of its parts agree, and of the copies that it could be held against it alone has what is seen here (the others: {count}).</source>
            <translation>تشبه النسخة «⁨{copy}⁩» التي صُنعت لأجل «⁨{delivery}⁩» في ⁨{day}⁩: ⁨{percent}⁩ % من أجزائها متطابقة، وهي وحدها من بين النسخ التي أمكنت مقارنتها بها تحمل ما يُرى هنا (ما عداها: ⁨{count}⁩).</translation>
        </message>
        <message>
            <source>Looks like the copy "{copy}", made for "{delivery}" on {day}: {percent} % of its parts agree.</source>
            <translation>تشبه النسخة «⁨{copy}⁩» التي صُنعت لأجل «⁨{delivery}⁩» في ⁨{day}⁩: ⁨{percent}⁩ % من أجزائها متطابقة.</translation>
        </message>
        <message>
            <source>Low and wide, for the foot of a picture.</source>
            <translation>منخفض وعريض، لأسفل صورة.</translation>
        </message>
        <message>
            <source>Lower rule</source>
            <translation>الخط السفلي</translation>
        </message>
        <message>
            <source>MB</source>
            <translation>م.ب</translation>
        </message>
        <message>
            <source>MP</source>
            <translation>ميغابكسل</translation>
        </message>
        <message>
            <source>Made for</source>
            <translation>صُنعت لأجل</translation>
        </message>
        <message>
            <source>Made for this delivery</source>
            <translation>صُنعت لهذا التسليم</translation>
        </message>
        <message>
            <source>Made from the program's own table by `keep-seal-cli settings --markdown`.</source>
            <translation>من جدول البرنامج نفسه، كما يعرضه الأمر keep-seal-cli settings --markdown.</translation>
        </message>
        <message>
            <source>Made if need be. It may not be a folder that originals lie in.</source>
            <translation>يُصنع عند الحاجة. لا يجوز أن يكون مجلدًا فيه أصول.</translation>
        </message>
        <message>
            <source>Made if need be; {delivery} or {year}/{month} are filled in for each picture. Empty: where the login begins.</source>
            <translation>يُصنع عند الحاجة؛ يُملأ ⁨{delivery}⁩ أو ⁨{year}⁩/⁨{month}⁩ لكل صورة. فارغ: حيث يبدأ الدخول.</translation>
        </message>
        <message>
            <source>Made on</source>
            <translation>صُنعت في</translation>
        </message>
        <message>
            <source>Made on that day or before</source>
            <translation>صُنعت في ذلك اليوم أو قبله</translation>
        </message>
        <message>
            <source>Made on that day or later: 2026-05-01, 2026-05 or 2026 (UTC)</source>
            <translation>صُنعت في ذلك اليوم أو بعده: 2026-05-01 أو 2026-05 أو 2026 (UTC)</translation>
        </message>
        <message>
            <source>Made small and pressed</source>
            <translation>تصغير وضغط</translation>
        </message>
        <message>
            <source>Made small and pressed hard it is lost at once: {left} of 100 is left.</source>
            <translation>مصغّرًا ومضغوطًا بشدة يضيع في الحال: يبقى ⁨{left}⁩ من 100.</translation>
        </message>
        <message>
            <source>Made small and pressed hard it is lost at once; at the smallest its letters are {letters} pixels high: {left} of 100 is left.</source>
            <translation>مصغّرًا ومضغوطًا بشدة يضيع في الحال؛ ارتفاع حروفه في أصغرها ⁨{letters}⁩ بكسل: يبقى ⁨{left}⁩ من 100.</translation>
        </message>
        <message>
            <source>Made smaller or larger</source>
            <translation>عند التصغير أو التكبير</translation>
        </message>
        <message>
            <source>Made smaller, fine bright lines and lights in the dark keep their brightness. By the curve of sRGB, whatever the profile; takes longer, because a JPEG is then decoded whole.</source>
            <translation>عند التصغير تحتفظ الخطوط الساطعة الدقيقة والأضواء في الظلمة بسطوعها. بمنحنى sRGB مهما كان ملف الألوان؛ ويستغرق أطول لأن JPEG يُقرأ عندئذ كاملًا.</translation>
        </message>
        <message>
            <source>Made with generative AI</source>
            <translation>صُنعت بذكاء اصطناعي توليدي</translation>
        </message>
        <message>
            <source>Make it again</source>
            <translation>اصنعها من جديد</translation>
        </message>
        <message>
            <source>Make it again from the ledgers</source>
            <translation>اصنعه من جديد من الدفاتر</translation>
        </message>
        <message>
            <source>Make it again, or take it out of the outbox</source>
            <translation>اصنعها من جديد أو أخرجها من الصادر</translation>
        </message>
        <message>
            <source>Make it again; it is sent then</source>
            <translation>اصنعها من جديد؛ فتُرسل عندئذ</translation>
        </message>
        <message>
            <source>Make no copies in memory to estimate bytes</source>
            <translation>لا تصنع نسخًا في الذاكرة لتقدير البايتات</translation>
        </message>
        <message>
            <source>Make one colour transparent</source>
            <translation>اجعل لونًا شفافًا</translation>
        </message>
        <message>
            <source>Make room in the folder there</source>
            <translation>أفسح مكانًا في المجلد هناك</translation>
        </message>
        <message>
            <source>Make room on it</source>
            <translation>أفسح مكانًا عليه</translation>
        </message>
        <message>
            <source>Make room on its disk, or move the file away</source>
            <translation>أفسح مكانًا على قرصه أو انقل الملف</translation>
        </message>
        <message>
            <source>Make the copies</source>
            <translation>اصنع النسخ</translation>
        </message>
        <message>
            <source>Make the copies again</source>
            <translation>اصنع النسخ من جديد</translation>
        </message>
        <message>
            <source>Make the copies of a saved plan, on any machine that sees the same folders</source>
            <translation>اصنع نسخ خطة محفوظة، على أي جهاز يرى المجلدات نفسها</translation>
        </message>
        <message>
            <source>Make the register again from the ledgers</source>
            <translation>اصنع السجل من جديد من الدفاتر</translation>
        </message>
        <message>
            <source>Make the seal or its distances larger</source>
            <translation>كبّر الختم أو مسافاته</translation>
        </message>
        <message>
            <source>Make the seal or its margins smaller</source>
            <translation>صغّر الختم أو هوامشه</translation>
        </message>
        <message>
            <source>Make the seal or the caption smaller, or stand it elsewhere</source>
            <translation>صغّر الختم أو التعليق أو أوقفه في مكان آخر</translation>
        </message>
        <message>
            <source>Make, model, lens, exposure, flash.</source>
            <translation>الصانع والطراز والعدسة والتعريض والوميض.</translation>
        </message>
        <message>
            <source>Maker and rights</source>
            <translation>الصانع والحقوق</translation>
        </message>
        <message>
            <source>Makes sealed, rights-labelled copies of pictures. Originals are never written to; no copy tells where a picture was taken.</source>
            <translation>يصنع نسخًا مختومة من الصور تحمل حقوقك. لا يُكتب في الأصول أبدًا، ولا تكشف نسخة أين التُقطت الصورة.</translation>
        </message>
        <message>
            <source>Margin</source>
            <translation>الهامش</translation>
        </message>
        <message>
            <source>Margin counted in</source>
            <translation>يُحسب الهامش بـ</translation>
        </message>
        <message>
            <source>Margin up and down</source>
            <translation>الهامش أعلى وأسفل</translation>
        </message>
        <message>
            <source>Margins and alignment then count from what can be seen.</source>
            <translation>تُحسب الهوامش والاصطفاف عندئذ مما يُرى.</translation>
        </message>
        <message>
            <source>Mark of Keep Seal</source>
            <translation>علامة Keep Seal</translation>
        </message>
        <message>
            <source>Mat</source>
            <translation>حاشية</translation>
        </message>
        <message>
            <source>Mat between two lines</source>
            <translation>حاشية بين خطين</translation>
        </message>
        <message>
            <source>Mat colour</source>
            <translation>لون الحاشية</translation>
        </message>
        <message>
            <source>May be lost</source>
            <translation>يجوز أن يضيع</translation>
        </message>
        <message>
            <source>May hold tokens: {title}, {description}, {date}, {creator}, {notice} ...</source>
            <translation>يجوز أن تحوي رموزًا: ⁨{title}⁩ و⁨{description}⁩ و⁨{date}⁩ و⁨{creator}⁩ و⁨{notice}⁩ ...</translation>
        </message>
        <message>
            <source>Measured against</source>
            <translation>يُقاس على</translation>
        </message>
        <message>
            <source>Measured anew on each picture, or one for all. JPEG shows the colour under transparency.</source>
            <translation>يُقاس من جديد على كل صورة، أو واحد للكل. يُظهر JPEG اللون تحت الشفافية.</translation>
        </message>
        <message>
            <source>Measured in</source>
            <translation>يُقاس بـ</translation>
        </message>
        <message>
            <source>Medium</source>
            <translation>متوسط</translation>
        </message>
        <message>
            <source>Megapixels</source>
            <translation>ميغابكسل</translation>
        </message>
        <message>
            <source>Mend that file or take it away</source>
            <translation>أصلح ذلك الملف أو أبعده</translation>
        </message>
        <message>
            <source>Mend the address</source>
            <translation>أصلح العنوان</translation>
        </message>
        <message>
            <source>Mend the link</source>
            <translation>أصلح الرابط</translation>
        </message>
        <message>
            <source>Metadata for single pictures, from a CSV file</source>
            <translation>بيانات وصفية لصور بعينها، من ملف CSV</translation>
        </message>
        <message>
            <source>Middle</source>
            <translation>الوسط</translation>
        </message>
        <message>
            <source>Millimetres</source>
            <translation>مليمترات</translation>
        </message>
        <message>
            <source>Millimetres count with the resolution of the fit.</source>
            <translation>تُحسب المليمترات بدقة الملاءمة.</translation>
        </message>
        <message>
            <source>Mirror</source>
            <translation>اعكس</translation>
        </message>
        <message>
            <source>Mixed from the three channels.</source>
            <translation>ممزوج من القنوات الثلاث.</translation>
        </message>
        <message>
            <source>Mixes with the picture</source>
            <translation>يمتزج بالصورة</translation>
        </message>
        <message>
            <source>Mixing</source>
            <translation>المزج</translation>
        </message>
        <message>
            <source>More</source>
            <translation>المزيد</translation>
        </message>
        <message>
            <source>Move it back, or take this picture's exception away</source>
            <translation>أعده أو أزل استثناء هذه الصورة</translation>
        </message>
        <message>
            <source>Move it, let more help it, ask for less, or let such copies be made</source>
            <translation>حرّكه، أو دع المزيد يساعده، أو اطلب أقل، أو اسمح بصنع نسخ كهذه</translation>
        </message>
        <message>
            <source>Move it, or give it a halo or more strength</source>
            <translation>حرّكه أو أعطه هالة أو قوة أكبر</translation>
        </message>
        <message>
            <source>Move it, or make it smaller</source>
            <translation>حرّكه أو صغّره</translation>
        </message>
        <message>
            <source>Move only if better by</source>
            <translation>لا تنقله إلا إن كان أفضل بـ</translation>
        </message>
        <message>
            <source>Move that file away, if the copy is to have its name</source>
            <translation>انقل ذلك الملف إن كانت النسخة ستأخذ اسمه</translation>
        </message>
        <message>
            <source>Move that file away, or choose another name or folder</source>
            <translation>انقل ذلك الملف أو اختر اسمًا آخر أو مجلدًا آخر</translation>
        </message>
        <message>
            <source>Moved from the {from} to the {to}: {because} ({points} against {before} points).</source>
            <translation>نُقل من ⁨{from}⁩ إلى ⁨{to}⁩: ⁨{because}⁩ (⁨{points}⁩ مقابل ⁨{before}⁩ من النقاط).</translation>
        </message>
        <message>
            <source>Moves the whole pattern.</source>
            <translation>يحرّك النمط كله.</translation>
        </message>
        <message>
            <source>Multiply</source>
            <translation>ضرب</translation>
        </message>
        <message>
            <source>NUMBER</source>
            <translation>عدد</translation>
        </message>
        <message>
            <source>NUMBER from {least} to {most}</source>
            <translation>عدد من ⁨{least}⁩ إلى ⁨{most}⁩</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>الاسم</translation>
        </message>
        <message>
            <source>Name a file that is there and can be read</source>
            <translation>اذكر ملفًا موجودًا يمكن قراءته</translation>
        </message>
        <message>
            <source>Name a file, no folder and no device</source>
            <translation>اذكر ملفًا، لا مجلدًا ولا جهازًا</translation>
        </message>
        <message>
            <source>Name a folder to be watched</source>
            <translation>اذكر مجلدًا ليُراقب</translation>
        </message>
        <message>
            <source>Name a path, or use --delivery or --run</source>
            <translation>اذكر مسارًا، أو استعمل --delivery أو --run</translation>
        </message>
        <message>
            <source>Name another folder</source>
            <translation>اذكر مجلدًا آخر</translation>
        </message>
        <message>
            <source>Name it at the station Sending, or switch that off</source>
            <translation>اذكره في محطة الإرسال أو أطفئها</translation>
        </message>
        <message>
            <source>Name it, as in --set sending.server=pictures.example.org</source>
            <translation>اذكره، مثل --set sending.server=pictures.example.org</translation>
        </message>
        <message>
            <source>Name one file</source>
            <translation>اذكر ملفًا واحدًا</translation>
        </message>
        <message>
            <source>Name others at the station Turn, crop</source>
            <translation>اذكر غيرها في محطة القص والتدوير</translation>
        </message>
        <message>
            <source>Name over link</source>
            <translation>الاسم فوق الرابط</translation>
        </message>
        <message>
            <source>Name pictures, folders or a job</source>
            <translation>اذكر صورًا أو مجلدات أو مهمة</translation>
        </message>
        <message>
            <source>Name plate</source>
            <translation>لوحة الاسم</translation>
        </message>
        <message>
            <source>Name that folder itself</source>
            <translation>اذكر ذلك المجلد نفسه</translation>
        </message>
        <message>
            <source>Name: {is}, was {was}</source>
            <translation>الاسم: ⁨{is}⁩، وكان ⁨{was}⁩</translation>
        </message>
        <message>
            <source>Names or keys of the library, or files</source>
            <translation>أسماء أو مفاتيح من المكتبة، أو ملفات</translation>
        </message>
        <message>
            <source>Navier-Stokes</source>
            <translation>Navier-Stokes</translation>
        </message>
        <message>
            <source>Nearly black, with a hair of white at the picture.</source>
            <translation>سواد تقريبًا مع شعرة بيضاء عند الصورة.</translation>
        </message>
        <message>
            <source>Needs</source>
            <translation>يلزم</translation>
        </message>
        <message>
            <source>Never enlarged</source>
            <translation>لا تُكبّر أبدًا</translation>
        </message>
        <message>
            <source>Never more than</source>
            <translation>لا تزيد أبدًا على</translation>
        </message>
        <message>
            <source>Next</source>
            <translation>التالية</translation>
        </message>
        <message>
            <source>Night mat</source>
            <translation>حاشية ليلية</translation>
        </message>
        <message>
            <source>No card and no camera is mounted.</source>
            <translation>لا بطاقة ولا كاميرا موصولة.</translation>
        </message>
        <message>
            <source>No coloured fringes.</source>
            <translation>بلا حواف ملونة.</translation>
        </message>
        <message numerus="yes">
            <source>No longer where they were: {n} originals.</source>
            <translation>
                <numerusform>لم يعد حيث كان: لا أصول.</numerusform>
                <numerusform>لم يعد حيث كان: أصل واحد.</numerusform>
                <numerusform>لم يعد حيث كان: أصلان.</numerusform>
                <numerusform>لم يعد حيث كان: {n} أصول.</numerusform>
                <numerusform>لم يعد حيث كان: {n} أصلًا.</numerusform>
                <numerusform>لم يعد حيث كان: {n} أصل.</numerusform>
            </translation>
        </message>
        <message>
            <source>No place was found, but not all of it could be read.</source>
            <translation>لم يُعثر على مكان، لكن تعذّرت قراءته كله.</translation>
        </message>
        <message>
            <source>No run was interrupted.</source>
            <translation>لم ينقطع أي تشغيل.</translation>
        </message>
        <message>
            <source>No seal stands on it</source>
            <translation>لا ختم عليها</translation>
        </message>
        <message>
            <source>No spaces</source>
            <translation>بلا مسافات</translation>
        </message>
        <message>
            <source>None</source>
            <translation>بلا</translation>
        </message>
        <message>
            <source>Normally</source>
            <translation>عادي</translation>
        </message>
        <message>
            <source>Not allowed</source>
            <translation>غير مسموح</translation>
        </message>
        <message>
            <source>Not allowed, see Other Constraints</source>
            <translation>غير مسموح، انظر «قيود أخرى»</translation>
        </message>
        <message>
            <source>Not among the originals: {counts}</source>
            <translation>ليست من الأصول: ⁨{counts}⁩</translation>
        </message>
        <message>
            <source>Not below quality</source>
            <translation>ليس دون الجودة</translation>
        </message>
        <message>
            <source>Not for search engines</source>
            <translation>ليس لمحركات البحث</translation>
        </message>
        <message>
            <source>Not for training of AI or machine learning</source>
            <translation>ليس لتدريب الذكاء الاصطناعي أو تعلم الآلة</translation>
        </message>
        <message>
            <source>Not for training of generative AI</source>
            <translation>ليس لتدريب الذكاء الاصطناعي التوليدي</translation>
        </message>
        <message numerus="yes">
            <source>Not read: {n} lines, the first: %1</source>
            <translation>
                <numerusform>لم يُقرأ: لا أسطر، أولها: ⁨%1⁩</numerusform>
                <numerusform>لم يُقرأ: سطر واحد، أولها: ⁨%1⁩</numerusform>
                <numerusform>لم يُقرأ: سطران، أولها: ⁨%1⁩</numerusform>
                <numerusform>لم يُقرأ: {n} أسطر، أولها: ⁨%1⁩</numerusform>
                <numerusform>لم يُقرأ: {n} سطرًا، أولها: ⁨%1⁩</numerusform>
                <numerusform>لم يُقرأ: {n} سطر، أولها: ⁨%1⁩</numerusform>
            </translation>
        </message>
        <message>
            <source>Not searched: {part}</source>
            <translation>لم يُفتّش: ⁨{part}⁩</translation>
        </message>
        <message>
            <source>Not tried: it takes at least {fewest} pictures of one shape with the same version of the seal.</source>
            <translation>لم يُجرّب: يحتاج إلى ⁨{fewest}⁩ صور على الأقل بشكل واحد وبالنسخة نفسها من الختم.</translation>
        </message>
        <message>
            <source>Notes or tags</source>
            <translation>ملاحظات أو وسوم</translation>
        </message>
        <message>
            <source>Nothing</source>
            <translation>لا شيء</translation>
        </message>
        <message>
            <source>Nothing is said</source>
            <translation>لا يُقال شيء</translation>
        </message>
        <message>
            <source>Nothing like it has left, as far as this register knows (pictures held against: {count}).</source>
            <translation>لم يخرج شيء يشبهها فيما يعرفه هذا السجل (عدد الصور التي قورنت بها: ⁨{count}⁩).</translation>
        </message>
        <message>
            <source>Nothing will be replaced</source>
            <translation>لن يُستبدل شيء</translation>
        </message>
        <message>
            <source>Nothing: transparent where the format can.</source>
            <translation>لا شيء: شفاف حيث تستطيع الصيغة.</translation>
        </message>
        <message>
            <source>Notice</source>
            <translation>تنبيه</translation>
        </message>
        <message>
            <source>Notice by year and maker</source>
            <translation>إشعار بالسنة والصانع</translation>
        </message>
        <message>
            <source>Number the copy</source>
            <translation>رقّم النسخة</translation>
        </message>
        <message>
            <source>Number the new copy</source>
            <translation>رقّم النسخة الجديدة</translation>
        </message>
        <message>
            <source>Numbers begin at</source>
            <translation>تبدأ الأرقام من</translation>
        </message>
        <message>
            <source>Numbers, links and codes that are a place are taken out of the words that stay; what was cut is said.</source>
            <translation>الأرقام والروابط والرموز التي هي مكان تُقطع من الكلمات الباقية؛ ويُذكر ما قُطع.</translation>
        </message>
        <message>
            <source>OPTIONS</source>
            <translation>الخيارات</translation>
        </message>
        <message>
            <source>Of 100. The place set above is kept unless another one is this much better.</source>
            <translation>من 100. يبقى الموضع المضبوط أعلاه ما لم يكن آخر أفضل منه بهذا القدر.</translation>
        </message>
        <message>
            <source>Of a camera raw</source>
            <translation>من ملف خام للكاميرا</translation>
        </message>
        <message>
            <source>Of a file with several</source>
            <translation>من ملف فيه عدة صور</translation>
        </message>
        <message>
            <source>Of an album: asks search engines to pass by</source>
            <translation>للألبوم: يطلب من محركات البحث تجاوزه</translation>
        </message>
        <message>
            <source>Of an album: the copies can be downloaded</source>
            <translation>للألبوم: يمكن تنزيل النسخ</translation>
        </message>
        <message>
            <source>Of an album: what stands under its title</source>
            <translation>للألبوم: ما يُكتب تحت عنوانه</translation>
        </message>
        <message>
            <source>Of any size</source>
            <translation>بأي حجم</translation>
        </message>
        <message>
            <source>Of its corners.</source>
            <translation>لزواياه.</translation>
        </message>
        <message>
            <source>Of light and shade.</source>
            <translation>للضوء والظل.</translation>
        </message>
        <message>
            <source>Of one letter as it is sent; many servers refuse more than 20. Copies that are more go in several letters.</source>
            <translation>لرسالة واحدة كما تُرسل؛ كثير من الخوادم يرفض ما زاد على 20. النسخ الأكثر تذهب في عدة رسائل.</translation>
        </message>
        <message>
            <source>Of proof sheets</source>
            <translation>لأوراق البروفات</translation>
        </message>
        <message>
            <source>Of the JPEG inside; printers ask for 90 and more.</source>
            <translation>لملف JPEG الذي بداخله؛ تطلب المطابع 90 فأكثر.</translation>
        </message>
        <message>
            <source>Of the blur, in pixels of the copy: 0.5 to 0.8 suits screens, 1 to 2 print.</source>
            <translation>للتمويه، ببكسلات النسخة: من 0.5 إلى 0.8 يناسب الشاشات، ومن 1 إلى 2 الطباعة.</translation>
        </message>
        <message>
            <source>Of the corners of a rounded box: 100 % makes half circles.</source>
            <translation>لزوايا صندوق مستدير: 100 % تصنع أنصاف دوائر.</translation>
        </message>
        <message>
            <source>Of the halo. If needed: what it begins with, a little less to all of it.</source>
            <translation>للهالة. عند الحاجة: ما تبدأ به، من أقل قليلًا إلى كلها.</translation>
        </message>
        <message>
            <source>Of the middle tones; black and white stay.</source>
            <translation>للدرجات الوسطى؛ يبقى الأسود والأبيض.</translation>
        </message>
        <message>
            <source>Of the paper.</source>
            <translation>للورق.</translation>
        </message>
        <message>
            <source>Of the picture as cropped.</source>
            <translation>للصورة كما اقتُصّت.</translation>
        </message>
        <message>
            <source>Of the picture's own size.</source>
            <translation>من حجم الصورة نفسها.</translation>
        </message>
        <message>
            <source>Of the picture's own width and height.</source>
            <translation>من عرض الصورة نفسها وارتفاعها.</translation>
        </message>
        <message>
            <source>Of the picture's width and of its height.</source>
            <translation>من عرض الصورة ومن ارتفاعها.</translation>
        </message>
        <message>
            <source>Of the pixels, at each end.</source>
            <translation>من البكسلات، عند كل طرف.</translation>
        </message>
        <message>
            <source>Of the plate.</source>
            <translation>للوحة.</translation>
        </message>
        <message>
            <source>Of the shadow.</source>
            <translation>للظل.</translation>
        </message>
        <message>
            <source>Of the strip behind the dark version.</source>
            <translation>للشريط خلف النسخة الداكنة.</translation>
        </message>
        <message>
            <source>Of the strip behind the light version.</source>
            <translation>للشريط خلف النسخة الفاتحة.</translation>
        </message>
        <message>
            <source>Of the strip.</source>
            <translation>للشريط.</translation>
        </message>
        <message>
            <source>Of the studio.</source>
            <translation>للاستوديو.</translation>
        </message>
        <message>
            <source>Of the studio: it stays when the picture's place goes.</source>
            <translation>للاستوديو: يبقى حين يذهب مكان الصورة.</translation>
        </message>
        <message>
            <source>Of the type size, between letters.</source>
            <translation>من حجم الخط، بين الحروف.</translation>
        </message>
        <message>
            <source>Of the whole name; the ending is always small.</source>
            <translation>للاسم كله؛ واللاحقة صغيرة دائمًا.</translation>
        </message>
        <message>
            <source>Of this part alone; the seal's own opacity comes on top.</source>
            <translation>لهذا الجزء وحده؛ تضاف إليها عتامة الختم.</translation>
        </message>
        <message>
            <source>Off</source>
            <translation>مطفأ</translation>
        </message>
        <message>
            <source>Off leaves every copy at its original's full size.</source>
            <translation>مطفأ يترك كل نسخة بحجم أصلها الكامل.</translation>
        </message>
        <message>
            <source>Off leaves the picture as it is.</source>
            <translation>مطفأ يترك الصورة كما هي.</translation>
        </message>
        <message>
            <source>Off states the original's own. It changes no pixel.</source>
            <translation>مطفأ يذكر دقة الأصل. لا يغيّر بكسلًا.</translation>
        </message>
        <message>
            <source>On square pictures</source>
            <translation>على الصور المربعة</translation>
        </message>
        <message>
            <source>On tall pictures</source>
            <translation>على الصور الطولية</translation>
        </message>
        <message>
            <source>On the paper</source>
            <translation>على الورق</translation>
        </message>
        <message>
            <source>On wide pictures</source>
            <translation>على الصور العرضية</translation>
        </message>
        <message>
            <source>Once</source>
            <translation>مرة واحدة</translation>
        </message>
        <message>
            <source>Once, in a band across the picture, or repeated all over it.</source>
            <translation>مرة واحدة، أو في شريط عبر الصورة، أو مكررًا عليها كلها.</translation>
        </message>
        <message numerus="yes">
            <source>One folder of plain pages with {n} pictures, to put on a server or to open from the disk. It is made of the finished copies, with their seal and their rights, and of nothing else.</source>
            <translation>
                <numerusform>مجلد واحد من صفحات بسيطة فيه لا صور، ليوضع على خادم أو ليُفتح من القرص. يُصنع من النسخ المنتهية بختمها وحقوقها، ولا شيء غيرها.</numerusform>
                <numerusform>مجلد واحد من صفحات بسيطة فيه صورة واحدة، ليوضع على خادم أو ليُفتح من القرص. يُصنع من النسخ المنتهية بختمها وحقوقها، ولا شيء غيرها.</numerusform>
                <numerusform>مجلد واحد من صفحات بسيطة فيه صورتان، ليوضع على خادم أو ليُفتح من القرص. يُصنع من النسخ المنتهية بختمها وحقوقها، ولا شيء غيرها.</numerusform>
                <numerusform>مجلد واحد من صفحات بسيطة فيه {n} صور، ليوضع على خادم أو ليُفتح من القرص. يُصنع من النسخ المنتهية بختمها وحقوقها، ولا شيء غيرها.</numerusform>
                <numerusform>مجلد واحد من صفحات بسيطة فيه {n} صورة، ليوضع على خادم أو ليُفتح من القرص. يُصنع من النسخ المنتهية بختمها وحقوقها، ولا شيء غيرها.</numerusform>
                <numerusform>مجلد واحد من صفحات بسيطة فيه {n} صورة، ليوضع على خادم أو ليُفتح من القرص. يُصنع من النسخ المنتهية بختمها وحقوقها، ولا شيء غيرها.</numerusform>
            </translation>
        </message>
        <message>
            <source>One ledger for each run: originals with their fingerprints before and after, copies, notes. While a run goes on, its journal.</source>
            <translation>دفتر لكل تشغيل: الأصول ببصماتها قبله وبعده، والنسخ، والملاحظات. وما دام التشغيل جاريًا فيوميته.</translation>
        </message>
        <message>
            <source>One line on the picture, one at the outer edge.</source>
            <translation>خط على الصورة وخط عند الحافة الخارجية.</translation>
        </message>
        <message>
            <source>One margin to the sides, another up and down.</source>
            <translation>هامش للجانبين وآخر للأعلى والأسفل.</translation>
        </message>
        <message>
            <source>One of 1, 2, 4, 9</source>
            <translation>واحد من 1 و2 و4 و9</translation>
        </message>
        <message>
            <source>One of studio, creator, link, contact, emblem, emblem_dark, then = and the words</source>
            <translation>واحد من studio وcreator وlink وcontact وemblem وemblem_dark ثم = والكلمات</translation>
        </message>
        <message>
            <source>One of {all}</source>
            <translation>واحد من ⁨{all}⁩</translation>
        </message>
        <message>
            <source>One page at its size on paper, for printers; 8 bits, no transparency.</source>
            <translation>صفحة واحدة بحجمها على الورق، للطابعات؛ 8 بت بلا شفافية.</translation>
        </message>
        <message>
            <source>One part at a time, in turn</source>
            <translation>جزء واحد كل مرة بالتناوب</translation>
        </message>
        <message>
            <source>One small line along the right edge, read upwards: out of the picture's way.</source>
            <translation>سطر صغير على الحافة اليمنى يُقرأ صعودًا: بعيدًا عن الصورة.</translation>
        </message>
        <message>
            <source>One that comes with Keep Seal, or one you added.</source>
            <translation>خط يأتي مع Keep Seal أو خط أضفته.</translation>
        </message>
        <message>
            <source>Only brighter and darker.</source>
            <translation>أسطع وأعتم فقط.</translation>
        </message>
        <message>
            <source>Only brightness</source>
            <translation>السطوع فقط</translation>
        </message>
        <message>
            <source>Only copies that Keep Seal itself made, unchanged since, are ever replaced.</source>
            <translation>لا تُستبدل إلا نسخ صنعها Keep Seal نفسه ولم تتغيّر منذ ذلك.</translation>
        </message>
        <message>
            <source>Only files that this outbox put there itself are ever replaced.</source>
            <translation>لا تُستبدل إلا ملفات وضعها هذا الصادر نفسه هناك.</translation>
        </message>
        <message>
            <source>Only for search engines to find it</source>
            <translation>لتجده محركات البحث فقط</translation>
        </message>
        <message>
            <source>Only light and shade, as if pressed into the picture.</source>
            <translation>ضوء وظل فقط، كأنه مضغوط في الصورة.</translation>
        </message>
        <message>
            <source>Only list interrupted runs</source>
            <translation>اعرض التشغيلات المنقطعة فقط</translation>
        </message>
        <message>
            <source>Only lists can be added to: choose "fill" or "replace"</source>
            <translation>لا يُضاف إلا إلى القوائم: اختر «املأ» أو «استبدل»</translation>
        </message>
        <message>
            <source>Only on sharp places</source>
            <translation>في المواضع الحادة فقط</translation>
        </message>
        <message>
            <source>Only pictures</source>
            <translation>الصور فقط</translation>
        </message>
        <message>
            <source>Only shapes</source>
            <translation>الأشكال فقط</translation>
        </message>
        <message>
            <source>Only the address, small: for pictures that are to be found again.</source>
            <translation>العنوان وحده، صغيرًا: لصور يُراد العثور عليها من جديد.</translation>
        </message>
        <message>
            <source>Only the copies of this delivery of the run</source>
            <translation>نسخ هذا التسليم من التشغيل فقط</translation>
        </message>
        <message>
            <source>Only the first {few} of {all}.</source>
            <translation>أول ⁨{few}⁩ من ⁨{all}⁩ فقط.</translation>
        </message>
        <message>
            <source>Opacity</source>
            <translation>العتامة</translation>
        </message>
        <message>
            <source>Open it in the program it came from and save it again, or leave it out</source>
            <translation>افتحها في البرنامج الذي جاءت منه واحفظها من جديد، أو اتركها</translation>
        </message>
        <message>
            <source>Open no picture: names and places, no sizes and warnings</source>
            <translation>لا تفتح أي صورة: أسماء ومواضع، بلا أحجام ولا تنبيهات</translation>
        </message>
        <message>
            <source>Open this delivery; may be given several times</source>
            <translation>يفتح هذا التسليم؛ يجوز ذكر عدة</translation>
        </message>
        <message>
            <source>Open this job, in a window of its own</source>
            <translation>يفتح هذه المهمة في نافذة خاصة بها</translation>
        </message>
        <message>
            <source>Opens the window with these pictures, folders, jobs and deliveries. Where a window is open already they go to that one. Seals, borders, rights and sizes are designed once and seen on every picture as the copy it will become; one button makes all copies. Originals are opened for reading only.</source>
            <translation>يفتح النافذة بهذه الصور والمجلدات والمهام والتسليمات. وإن كانت نافذة مفتوحة من قبل ذهبت إليها. تُصمَّم الأختام والأطر والحقوق والمقاسات مرة واحدة وتُرى على كل صورة كما ستكون النسخة؛ وزر واحد يصنع النسخ كلها. لا تُفتح الأصول إلا للقراءة.</translation>
        </message>
        <message>
            <source>Optimised</source>
            <translation>محسّن</translation>
        </message>
        <message>
            <source>Options</source>
            <translation>الخيارات</translation>
        </message>
        <message>
            <source>Order of the pictures, in which {number} counts</source>
            <translation>ترتيب الصور الذي يعدّ به ⁨{number}⁩</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>الأصل</translation>
        </message>
        <message>
            <source>Originals are opened for reading only and fingerprinted before and after the run. Each copy is written under a name of its own, read back and searched, and only then given its final name. A copy that would lack something its delivery promises is held back and says why. Nothing is replaced but, where a delivery says so, an earlier copy of Keep Seal's own of the same picture, unchanged since.</source>
            <translation>لا تُفتح الأصول إلا للقراءة، وتؤخذ بصماتها قبل التشغيل وبعده. تُكتب كل نسخة باسم خاص بها، ثم تُقرأ ويُفتَّش فيها، ولا تُعطى اسمها النهائي إلا بعد ذلك. والنسخة التي كان سينقصها شيء مما يعد به تسليمها تُحجز وتقول السبب. ولا يُستبدل شيء إلا نسخة سابقة للصورة نفسها صنعها Keep Seal ولم تتغير منذئذ، حيث يقول التسليم ذلك.</translation>
        </message>
        <message>
            <source>Originals read again: {same} of {read} byte for byte as before.</source>
            <translation>قُرئت الأصول ثانية: ⁨{same}⁩ من ⁨{read}⁩ كما كانت بايتًا ببايت.</translation>
        </message>
        <message>
            <source>Originals, copies, or folders they lie below</source>
            <translation>أصول أو نسخ، أو مجلدات هي تحتها</translation>
        </message>
        <message>
            <source>Other Constraints</source>
            <translation>قيود أخرى</translation>
        </message>
        <message>
            <source>Outline</source>
            <translation>الحدود</translation>
        </message>
        <message>
            <source>Outline only</source>
            <translation>الحدود فقط</translation>
        </message>
        <message>
            <source>Outlined name</source>
            <translation>اسم بالحدود</translation>
        </message>
        <message>
            <source>Over its edge</source>
            <translation>فوق حافتها</translation>
        </message>
        <message>
            <source>Overlay</source>
            <translation>تراكب</translation>
        </message>
        <message>
            <source>PDF</source>
            <translation>PDF</translation>
        </message>
        <message>
            <source>PDF picture quality</source>
            <translation>‏PDF: جودة الصورة</translation>
        </message>
        <message>
            <source>PLACE TOLD</source>
            <translation>المكان مذكور</translation>
        </message>
        <message>
            <source>PNG</source>
            <translation>PNG</translation>
        </message>
        <message>
            <source>PNG compression</source>
            <translation>‏PNG: الضغط</translation>
        </message>
        <message>
            <source>PNG: the chunk {type} is cut off</source>
            <translation>PNG: القطعة ⁨{type}⁩ مبتورة</translation>
        </message>
        <message>
            <source>Padded to it</source>
            <translation>مملوءة إليه</translation>
        </message>
        <message>
            <source>Padded with</source>
            <translation>تُملأ بـ</translation>
        </message>
        <message>
            <source>Padding colour</source>
            <translation>لون الملء</translation>
        </message>
        <message>
            <source>Page of a PDF</source>
            <translation>صفحة PDF</translation>
        </message>
        <message>
            <source>Page, 1200 on the long side</source>
            <translation>صفحة، 1200 على الضلع الطويل</translation>
        </message>
        <message>
            <source>Page, 2048 on the long side</source>
            <translation>صفحة، 2048 على الضلع الطويل</translation>
        </message>
        <message>
            <source>Pages of a PDF or TIFF, frames of a GIF or WebP. Each becomes a copy of its own.</source>
            <translation>صفحات PDF أو TIFF، وإطارات GIF أو WebP. كل منها يصير نسخة قائمة بنفسها.</translation>
        </message>
        <message>
            <source>Painted out</source>
            <translation>محو بالطلاء</translation>
        </message>
        <message>
            <source>Painted out ({by}), hardly a trace is seen: {left} of 100.</source>
            <translation>مُحي بالطلاء (⁨{by}⁩)، لا يكاد يُرى له أثر: ⁨{left}⁩ من 100.</translation>
        </message>
        <message>
            <source>Painted out ({by}), the repair is plain to see: {left} of 100.</source>
            <translation>مُحي بالطلاء (⁨{by}⁩)، والترميم ظاهر للعيان: ⁨{left}⁩ من 100.</translation>
        </message>
        <message>
            <source>Painted out ({by}), traces are seen: {left} of 100.</source>
            <translation>مُحي بالطلاء (⁨{by}⁩)، وتُرى آثار: ⁨{left}⁩ من 100.</translation>
        </message>
        <message>
            <source>Paper 10 × 8 in</source>
            <translation>ورق ⁦10 × 8⁩ بوصة</translation>
        </message>
        <message>
            <source>Paper 15 × 10 cm</source>
            <translation>ورق ⁦15 × 10⁩ سم</translation>
        </message>
        <message>
            <source>Paper 18 × 13 cm</source>
            <translation>ورق ⁦18 × 13⁩ سم</translation>
        </message>
        <message>
            <source>Paper 30 × 20 cm</source>
            <translation>ورق ⁦30 × 20⁩ سم</translation>
        </message>
        <message>
            <source>Paper A3, 420 × 297 mm</source>
            <translation>ورق A3، ⁦420 × 297⁩ مم</translation>
        </message>
        <message>
            <source>Paper A4, 297 × 210 mm</source>
            <translation>ورق A4، ⁦297 × 210⁩ مم</translation>
        </message>
        <message>
            <source>Paper A5, 210 × 148 mm</source>
            <translation>ورق A5، ⁦210 × 148⁩ مم</translation>
        </message>
        <message>
            <source>Paper height</source>
            <translation>ارتفاع الورق</translation>
        </message>
        <message>
            <source>Paper width</source>
            <translation>عرض الورق</translation>
        </message>
        <message>
            <source>Parted by commas: a picture with one of them is left out.</source>
            <translation>تفصل بينها فواصل: تُترك الصورة التي فيها إحداها.</translation>
        </message>
        <message>
            <source>Parted by commas; empty takes all.</source>
            <translation>تفصل بينها فواصل؛ والفارغ يأخذ الكل.</translation>
        </message>
        <message>
            <source>Parted by semicolons.</source>
            <translation>تفصل بينها فواصل منقوطة.</translation>
        </message>
        <message>
            <source>Parts stand</source>
            <translation>تقف الأجزاء</translation>
        </message>
        <message>
            <source>Parts without a ledger: {parts}</source>
            <translation>أجزاء بلا دفتر: ⁨{parts}⁩</translation>
        </message>
        <message>
            <source>Password from</source>
            <translation>كلمة المرور من</translation>
        </message>
        <message>
            <source>Percent</source>
            <translation>نسبة مئوية</translation>
        </message>
        <message>
            <source>Perceptual</source>
            <translation>إدراكي</translation>
        </message>
        <message>
            <source>Persons shown</source>
            <translation>الأشخاص الظاهرون</translation>
        </message>
        <message>
            <source>Perspective</source>
            <translation>المنظور</translation>
        </message>
        <message>
            <source>Phone</source>
            <translation>الهاتف</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>الصورة</translation>
        </message>
        <message>
            <source>Picture in the PDF</source>
            <translation>الصورة في PDF</translation>
        </message>
        <message>
            <source>Picture {number} of {all}</source>
            <translation>الصورة ⁨{number}⁩ من ⁨{all}⁩</translation>
        </message>
        <message>
            <source>Pictures</source>
            <translation>الصور</translation>
        </message>
        <message>
            <source>Pictures and folders</source>
            <translation>صور ومجلدات</translation>
        </message>
        <message>
            <source>Pictures worked on at a time</source>
            <translation>عدد الصور في آن واحد</translation>
        </message>
        <message>
            <source>Pictures worked on at a time (default: one per core)</source>
            <translation>عدد الصور في آن واحد (وإلا فواحدة لكل نواة)</translation>
        </message>
        <message>
            <source>Pictures, folders, jobs and deliveries to open</source>
            <translation>الصور والمجلدات والمهام والتسليمات المراد فتحها</translation>
        </message>
        <message>
            <source>Pictures: {delivery}</source>
            <translation>صور: ⁨{delivery}⁩</translation>
        </message>
        <message>
            <source>Pixel by pixel: screenshots</source>
            <translation>بكسلًا ببكسل: لقطات الشاشة</translation>
        </message>
        <message>
            <source>Pixels</source>
            <translation>بكسلات</translation>
        </message>
        <message>
            <source>Pixels (default 1200)</source>
            <translation>بكسل (وإلا 1200)</translation>
        </message>
        <message>
            <source>Pixels of the copy, or millimetres on paper at the copy's resolution. A margin never takes more than 45 % of a side.</source>
            <translation>بكسلات النسخة، أو مليمترات على الورق بدقة النسخة. لا يأخذ الهامش أبدًا أكثر من 45 % من ضلع.</translation>
        </message>
        <message>
            <source>Pixels on the long side (default: the copy's own size)</source>
            <translation>بكسلات الضلع الطويل (وإلا حجم النسخة نفسها)</translation>
        </message>
        <message>
            <source>Pixels per inch on paper.</source>
            <translation>بكسل في البوصة على الورق.</translation>
        </message>
        <message>
            <source>Place</source>
            <translation>الحفظ</translation>
        </message>
        <message>
            <source>Place for me</source>
            <translation>ضعه عني</translation>
        </message>
        <message>
            <source>Place, size, angle and strength vary a little from picture to picture (the same picture always gets the same), so that the seal can't be averaged out of a set. 100 %: by up to 3 % of the short side, an eighth of the size, 6° and an eighth of the strength.</source>
            <translation>يتغيّر الموضع والحجم والزاوية والقوة قليلًا من صورة إلى صورة (والصورة نفسها تأخذ الشيء نفسه دائمًا)، فلا يمكن استخلاص الختم من مجموعة بالمتوسط. 100 %: حتى 3 % من الضلع القصير، وثُمن الحجم، و6°، وثُمن القوة.</translation>
        </message>
        <message>
            <source>Placed freely</source>
            <translation>موضوع بحرية</translation>
        </message>
        <message>
            <source>Placing</source>
            <translation>الوضع</translation>
        </message>
        <message>
            <source>Plain FTP</source>
            <translation>‏FTP عادي</translation>
        </message>
        <message>
            <source>Plain FTP encrypts nothing. Without this word nothing is sent by it.</source>
            <translation>‏FTP العادي لا يشفّر شيئًا. من غير هذه الكلمة لا يُرسل به شيء.</translation>
        </message>
        <message>
            <source>Plain letters and digits</source>
            <translation>حروف وأرقام بسيطة</translation>
        </message>
        <message>
            <source>Plan anew</source>
            <translation>خطط من جديد</translation>
        </message>
        <message>
            <source>Plate</source>
            <translation>لوحة</translation>
        </message>
        <message>
            <source>Plate behind</source>
            <translation>لوحة في الخلف</translation>
        </message>
        <message>
            <source>Plate, then halo, then strength</source>
            <translation>اللوحة ثم الهالة ثم القوة</translation>
        </message>
        <message>
            <source>Plate, then strength, then halo</source>
            <translation>اللوحة ثم القوة ثم الهالة</translation>
        </message>
        <message>
            <source>Please report this: it is a fault of Keep Seal</source>
            <translation>أبلغ عن هذا رجاءً: إنه خلل في Keep Seal</translation>
        </message>
        <message>
            <source>Portfolio site</source>
            <translation>موقع الأعمال</translation>
        </message>
        <message>
            <source>Portfolio, 3000 on the long side</source>
            <translation>أعمال، 3000 على الضلع الطويل</translation>
        </message>
        <message>
            <source>Positionals</source>
            <translation>المعطيات</translation>
        </message>
        <message>
            <source>Postal code</source>
            <translation>الرمز البريدي</translation>
        </message>
        <message>
            <source>Press copy</source>
            <translation>نسخة صحفية</translation>
        </message>
        <message>
            <source>Press, with full captions</source>
            <translation>صحافة، بتعليقات كاملة</translation>
        </message>
        <message>
            <source>Pressed relief</source>
            <translation>نقش مضغوط</translation>
        </message>
        <message>
            <source>Previous</source>
            <translation>السابقة</translation>
        </message>
        <message>
            <source>Print JSON for programs</source>
            <translation>أخرج JSON للبرامج</translation>
        </message>
        <message>
            <source>Print JSON for programs: before, after, rules, notes</source>
            <translation>أخرج JSON للبرامج: قبل وبعد، والقواعد والملاحظات</translation>
        </message>
        <message>
            <source>Print lab, full size</source>
            <translation>مختبر الطباعة، الحجم الكامل</translation>
        </message>
        <message>
            <source>Print margin, 5 mm</source>
            <translation>هامش طباعة 5 مم</translation>
        </message>
        <message>
            <source>Print names alone, a line each</source>
            <translation>الأسماء وحدها، سطر لكل اسم</translation>
        </message>
        <message>
            <source>Print one as JSON</source>
            <translation>أخرج واحدًا بصيغة JSON</translation>
        </message>
        <message>
            <source>Print problems only</source>
            <translation>أخرج المشكلات فقط</translation>
        </message>
        <message>
            <source>Print this help message and exit</source>
            <translation>اعرض هذه المساعدة وانتهِ</translation>
        </message>
        <message>
            <source>Privacy</source>
            <translation>الخصوصية</translation>
        </message>
        <message>
            <source>Private key</source>
            <translation>المفتاح الخاص</translation>
        </message>
        <message>
            <source>Profile</source>
            <translation>ملف الألوان</translation>
        </message>
        <message>
            <source>Progressive</source>
            <translation>تدريجي</translation>
        </message>
        <message>
            <source>Proof and date</source>
            <translation>بروفة وتاريخ</translation>
        </message>
        <message>
            <source>Proof for a client</source>
            <translation>بروفة لعميل</translation>
        </message>
        <message>
            <source>Proof pattern</source>
            <translation>نمط بروفة</translation>
        </message>
        <message>
            <source>Proof pattern, faint</source>
            <translation>نمط بروفة، خافت</translation>
        </message>
        <message>
            <source>Proof pattern, strong</source>
            <translation>نمط بروفة، قوي</translation>
        </message>
        <message>
            <source>Proof sheets for print instead: so many pictures a page</source>
            <translation>بدلًا من ذلك أوراق بروفات للطباعة: عدد الصور في الصفحة</translation>
        </message>
        <message>
            <source>Proof sheets without names and lines to cut along</source>
            <translation>أوراق بروفات بلا أسماء ولا خطوط قص</translation>
        </message>
        <message>
            <source>Proof with number and date</source>
            <translation>بروفة برقم وتاريخ</translation>
        </message>
        <message>
            <source>Protect lights and shadows</source>
            <translation>احم الأضواء والظلال</translation>
        </message>
        <message>
            <source>Protected by copyright</source>
            <translation>محمي بحقوق النشر</translation>
        </message>
        <message>
            <source>Province or State</source>
            <translation>المقاطعة أو الولاية</translation>
        </message>
        <message>
            <source>Public domain</source>
            <translation>ملك عام</translation>
        </message>
        <message>
            <source>Put a border on</source>
            <translation>ضع إطارًا</translation>
        </message>
        <message>
            <source>Put a password, read from the standard input, into the desktop's secret store</source>
            <translation>ضع كلمة مرور تُقرأ من المدخل القياسي في مخزن أسرار سطح المكتب</translation>
        </message>
        <message>
            <source>Put behind the name: "-web" makes marsh-web.jpg of marsh.tif.</source>
            <translation>يوضع بعد الاسم: «‎-web» يصنع marsh-web.jpg من marsh.tif.</translation>
        </message>
        <message>
            <source>Put border files into your library</source>
            <translation>ضع ملفات أطر في مكتبتك</translation>
        </message>
        <message>
            <source>Put delivery files into your library</source>
            <translation>ضع ملفات تسليم في مكتبتك</translation>
        </message>
        <message>
            <source>Put in a new preview</source>
            <translation>ضع معاينة جديدة</translation>
        </message>
        <message>
            <source>Put on this border instead: a border file, or one of the library</source>
            <translation>ضع هذا الإطار بدلًا منه: ملف إطار أو إطار من المكتبة</translation>
        </message>
        <message>
            <source>Put on this seal instead: a seal file, or one of the library</source>
            <translation>ضع هذا الختم بدلًا منه: ملف ختم أو ختم من المكتبة</translation>
        </message>
        <message>
            <source>Put seal files into your library</source>
            <translation>ضع ملفات أختام في مكتبتك</translation>
        </message>
        <message>
            <source>Put sheet files or XMP files into your library</source>
            <translation>ضع ملفات أوراق حقوق أو ملفات XMP في مكتبتك</translation>
        </message>
        <message>
            <source>Put shorter words in the place of its tokens</source>
            <translation>ضع كلمات أقصر مكان رموزه</translation>
        </message>
        <message>
            <source>Put the seal on</source>
            <translation>ضع الختم</translation>
        </message>
        <message>
            <source>Quiet white mat</source>
            <translation>حاشية بيضاء هادئة</translation>
        </message>
        <message>
            <source>REQUIRED</source>
            <translation>لازم</translation>
        </message>
        <message>
            <source>Radius</source>
            <translation>نصف القطر</translation>
        </message>
        <message>
            <source>Raised relief</source>
            <translation>نقش بارز</translation>
        </message>
        <message>
            <source>Raises the opacity, picture by picture, until the seal is as readable as you ask.</source>
            <translation>يرفع العتامة صورة بصورة حتى يُقرأ الختم كما تطلب.</translation>
        </message>
        <message>
            <source>Rated at least</source>
            <translation>تقييمها على الأقل</translation>
        </message>
        <message>
            <source>Rather fewer pixels</source>
            <translation>بكسلات أقل بالأحرى</translation>
        </message>
        <message>
            <source>Ratio</source>
            <translation>النسبة</translation>
        </message>
        <message>
            <source>Ratio of the whole</source>
            <translation>نسبة الكل</translation>
        </message>
        <message>
            <source>Read down to {pixels} pixels, pressed hard twice: {left} of 100 is left.</source>
            <translation>يُقرأ حتى ⁨{pixels}⁩ بكسل، مضغوطًا بشدة مرتين: يبقى ⁨{left}⁩ من 100.</translation>
        </message>
        <message>
            <source>Read down to {pixels} pixels, pressed hard twice; at the smallest its letters are {letters} pixels high: {left} of 100 is left.</source>
            <translation>يُقرأ حتى ⁨{pixels}⁩ بكسل، مضغوطًا بشدة مرتين؛ ارتفاع حروفه في أصغرها ⁨{letters}⁩ بكسل: يبقى ⁨{left}⁩ من 100.</translation>
        </message>
        <message>
            <source>Read everywhere; no transparency, 8 bits.</source>
            <translation>يُقرأ في كل مكان؛ بلا شفافية، 8 بت.</translation>
        </message>
        <message>
            <source>Readability</source>
            <translation>القراءة</translation>
        </message>
        <message>
            <source>Readable means</source>
            <translation>المقروء يعني</translation>
        </message>
        <message>
            <source>Recognisable as a copy</source>
            <translation>يُعرف أنها نسخة</translation>
        </message>
        <message>
            <source>Red</source>
            <translation>الأحمر</translation>
        </message>
        <message>
            <source>Region</source>
            <translation>المنطقة</translation>
        </message>
        <message>
            <source>Regular</source>
            <translation>عادي</translation>
        </message>
        <message>
            <source>Relative</source>
            <translation>نسبي</translation>
        </message>
        <message>
            <source>Relief</source>
            <translation>النقش</translation>
        </message>
        <message>
            <source>Remove</source>
            <translation>أزل</translation>
        </message>
        <message>
            <source>Remove it, or choose another folder for the copies</source>
            <translation>أزله أو اختر للنسخ مجلدًا آخر</translation>
        </message>
        <message>
            <source>Rename it first</source>
            <translation>غيّر اسمه أولًا</translation>
        </message>
        <message>
            <source>Rename one of them, or say --replace: the older one is set aside then</source>
            <translation>غيّر اسم أحدهما، أو اكتب --replace فيُنحّى الأقدم جانبًا</translation>
        </message>
        <message>
            <source>Replace</source>
            <translation>استبدل</translation>
        </message>
        <message>
            <source>Replace an earlier copy</source>
            <translation>استبدل نسخة سابقة</translation>
        </message>
        <message>
            <source>Replace what was sent before</source>
            <translation>استبدل ما أُرسل من قبل</translation>
        </message>
        <message>
            <source>Resolution</source>
            <translation>الدقة</translation>
        </message>
        <message>
            <source>Restless</source>
            <translation>متنقّل</translation>
        </message>
        <message>
            <source>Results go to standard output. Problems, files that are no pictures, and progress go to standard error; progress is shown on a terminal only. With -q a run prints only what is held back or failed.</source>
            <translation>تذهب النتائج إلى الخرج القياسي. وتذهب المشكلات والملفات التي ليست صورًا والتقدم إلى خرج الأخطاء القياسي؛ ولا يظهر التقدم إلا على طرفية. ومع ‎-q لا يطبع التشغيل إلا ما حُجز أو فشل.</translation>
        </message>
        <message>
            <source>Right</source>
            <translation>يمين</translation>
        </message>
        <message>
            <source>Rights</source>
            <translation>الحقوق</translation>
        </message>
        <message>
            <source>Rights Usage Terms</source>
            <translation>شروط استعمال الحقوق</translation>
        </message>
        <message>
            <source>Ring</source>
            <translation>حلقة</translation>
        </message>
        <message>
            <source>Room above and below</source>
            <translation>فراغ فوق وتحت</translation>
        </message>
        <message>
            <source>Room added between letters.</source>
            <translation>فراغ يُضاف بين الحروف.</translation>
        </message>
        <message>
            <source>Room around</source>
            <translation>فراغ حوله</translation>
        </message>
        <message>
            <source>Round corners</source>
            <translation>زوايا مستديرة</translation>
        </message>
        <message>
            <source>Round corners and a thin mat that follows them.</source>
            <translation>زوايا مستديرة وحاشية رفيعة تتبعها.</translation>
        </message>
        <message>
            <source>Round outer corners</source>
            <translation>زوايا خارجية مستديرة</translation>
        </message>
        <message>
            <source>Rounded</source>
            <translation>مستدير</translation>
        </message>
        <message>
            <source>Roundness</source>
            <translation>الاستدارة</translation>
        </message>
        <message>
            <source>Rule</source>
            <translation>خط</translation>
        </message>
        <message>
            <source>Run with --help for more information.</source>
            <translation>شغّله مع --help لمعرفة المزيد.</translation>
        </message>
        <message>
            <source>Runs</source>
            <translation>يمتد</translation>
        </message>
        <message>
            <source>S3 object storage</source>
            <translation>تخزين كائنات S3</translation>
        </message>
        <message>
            <source>SEE ALSO</source>
            <translation>انظر أيضًا</translation>
        </message>
        <message>
            <source>SFTP</source>
            <translation>SFTP</translation>
        </message>
        <message>
            <source>SHA256:... of the key that the server must have, as its keeper tells it, or as trying it out says. Nothing is sent to a server with another one.</source>
            <translation>‏SHA256:... للمفتاح الذي يجب أن يكون للخادم، كما يقوله القائم عليه أو كما يقوله التجريب. لا يُرسل شيء إلى خادم بمفتاح آخر.</translation>
        </message>
        <message>
            <source>SSIMULACRA 2: 100 is no difference, 90 is not seen even where one picture flickers to the other, 80 not side by side, 70 is high quality.</source>
            <translation>‏SSIMULACRA 2: 100 لا فرق، و90 لا يُرى حتى بالتبديل السريع بين الصورتين، و80 لا يُرى جنبًا إلى جنب، و70 جودة عالية.</translation>
        </message>
        <message>
            <source>SUBCOMMAND</source>
            <translation>الأمر</translation>
        </message>
        <message>
            <source>SUBCOMMANDS</source>
            <translation>الأوامر</translation>
        </message>
        <message>
            <source>SVG, PDF, PNG, TIFF, WebP or JPEG. SVG and PDF stay sharp at every size.</source>
            <translation>‏SVG أو PDF أو PNG أو TIFF أو WebP أو JPEG. يبقى SVG وPDF حادين بكل حجم.</translation>
        </message>
        <message>
            <source>SYNOPSIS</source>
            <translation>موجز</translation>
        </message>
        <message>
            <source>Said: {notes}</source>
            <translation>قيل: ⁨{notes}⁩</translation>
        </message>
        <message>
            <source>Saturation</source>
            <translation>التشبع</translation>
        </message>
        <message>
            <source>Save a seal alone as a PNG or SVG with transparency</source>
            <translation>احفظ ختمًا وحده بصيغة PNG أو SVG بشفافية</translation>
        </message>
        <message>
            <source>Save as a border file</source>
            <translation>احفظ ملف إطار</translation>
        </message>
        <message>
            <source>Save as a sheet file, or as plain XMP where the name ends in .xmp</source>
            <translation>احفظ ملف ورقة حقوق، أو XMP صرفًا إن انتهى الاسم بـ .xmp</translation>
        </message>
        <message>
            <source>Save as a zip with its logos and typefaces</source>
            <translation>احفظ ملف zip مع شعاراته وخطوطه</translation>
        </message>
        <message>
            <source>Save as one zip with all they need</source>
            <translation>احفظ ملف zip واحدًا بكل ما يلزمها</translation>
        </message>
        <message>
            <source>Save it again as "CSV UTF-8"</source>
            <translation>احفظه من جديد باسم «CSV UTF-8»</translation>
        </message>
        <message>
            <source>Save it as JPEG, PNG, TIFF or WebP</source>
            <translation>احفظه JPEG أو PNG أو TIFF أو WebP</translation>
        </message>
        <message>
            <source>Save it smaller, or as a TIFF or a baseline JPEG, which are read in strips</source>
            <translation>احفظها أصغر، أو TIFF أو JPEG بسيطًا، فهي تُقرأ شرائح</translation>
        </message>
        <message>
            <source>Save one copy's look as a PNG</source>
            <translation>احفظ مظهر نسخة بصيغة PNG</translation>
        </message>
        <message>
            <source>Save the logo as a plain SVG without it, or choose another file</source>
            <translation>احفظ الشعار SVG بسيطًا من غيره، أو اختر ملفًا آخر</translation>
        </message>
        <message>
            <source>Saved: {file}</source>
            <translation>حُفظ: ⁨{file}⁩</translation>
        </message>
        <message>
            <source>Say at the end, as a notification of the desktop, what came of it</source>
            <translation>اذكر في النهاية، إشعارًا على سطح المكتب، ما آل إليه الأمر</translation>
        </message>
        <message>
            <source>Say everything that files tell; exit 1 when one tells a place</source>
            <translation>اذكر كل ما تكشفه الملفات؛ والخروج بـ 1 إن كشف أحدها مكانًا</translation>
        </message>
        <message>
            <source>Say for each picture where the seal stands well, and why</source>
            <translation>اذكر لكل صورة أين يحسن موضع الختم ولماذا</translation>
        </message>
        <message>
            <source>Say or show who you are: what {studio} and its like stand for</source>
            <translation>اذكر أو اعرض من أنت: ما ينوب عنه ⁨{studio}⁩ وأمثاله</translation>
        </message>
        <message>
            <source>Say so for that picture, if it is to be stamped again</source>
            <translation>اذكر ذلك لتلك الصورة إن كانت ستُختم من جديد</translation>
        </message>
        <message>
            <source>Say that copies may be sent there, without trying it out</source>
            <translation>اسمح بإرسال النسخ إلى هناك دون تجربة</translation>
        </message>
        <message>
            <source>Say what is added, as in "-web"</source>
            <translation>اذكر ما يُضاف، مثل «‎-web»</translation>
        </message>
        <message>
            <source>Say which copies would be made, and write nothing</source>
            <translation>اذكر أي نسخ ستُصنع ولا تكتب شيئًا</translation>
        </message>
        <message>
            <source>Say who you are (Ctrl+U in the window, keep-seal-cli who)</source>
            <translation>قل من أنت (Ctrl+U في النافذة، keep-seal-cli who)</translation>
        </message>
        <message>
            <source>Scale</source>
            <translation>القياس</translation>
        </message>
        <message>
            <source>Scanned from a film negative</source>
            <translation>ممسوحة من فيلم سالب</translation>
        </message>
        <message>
            <source>Scanned from a film slide</source>
            <translation>ممسوحة من شريحة فيلم</translation>
        </message>
        <message>
            <source>Scanned from a print</source>
            <translation>ممسوحة من مطبوعة</translation>
        </message>
        <message>
            <source>Screen</source>
            <translation>شاشة</translation>
        </message>
        <message>
            <source>Screen 1920 × 1080</source>
            <translation>شاشة ⁦1920 × 1080⁩</translation>
        </message>
        <message>
            <source>Screen 2560 × 1440</source>
            <translation>شاشة ⁦2560 × 1440⁩</translation>
        </message>
        <message>
            <source>Screen 3840 × 2160</source>
            <translation>شاشة ⁦3840 × 2160⁩</translation>
        </message>
        <message>
            <source>Seal</source>
            <translation>الختم</translation>
        </message>
        <message>
            <source>Seconds between two looks where the system tells nothing</source>
            <translation>الثواني بين نظرتين حيث لا يخبر النظام بشيء</translation>
        </message>
        <message>
            <source>Seconds that a file has to be at rest</source>
            <translation>الثواني التي يلزم أن يسكن فيها الملف</translation>
        </message>
        <message>
            <source>See 'keep-seal-cli seal list'</source>
            <translation>انظر keep-seal-cli seal list</translation>
        </message>
        <message>
            <source>Semi-bold</source>
            <translation>نصف عريض</translation>
        </message>
        <message>
            <source>Semibold</source>
            <translation>نصف عريض</translation>
        </message>
        <message>
            <source>Send smaller copies, a contact sheet, or allow larger letters at the station Sending</source>
            <translation>أرسل نسخًا أصغر أو ورقة مصغّرات، أو اسمح برسائل أكبر في محطة الإرسال</translation>
        </message>
        <message>
            <source>Send the copies</source>
            <translation>أرسل النسخ</translation>
        </message>
        <message>
            <source>Send what goes into the outbox at once</source>
            <translation>أرسل فورًا ما يدخل الصادر</translation>
        </message>
        <message>
            <source>Send what is due</source>
            <translation>أرسل ما حان وقته</translation>
        </message>
        <message>
            <source>Sending</source>
            <translation>الإرسال</translation>
        </message>
        <message>
            <source>Serial numbers and owner</source>
            <translation>الأرقام التسلسلية والمالك</translation>
        </message>
        <message>
            <source>Serial numbers of body and lens, the camera's owner, unique numbers.</source>
            <translation>أرقام الهيكل والعدسة التسلسلية ومالك الكاميرا والأرقام الفريدة.</translation>
        </message>
        <message>
            <source>Server</source>
            <translation>الخادم</translation>
        </message>
        <message>
            <source>Server's key</source>
            <translation>مفتاح الخادم</translation>
        </message>
        <message>
            <source>Set HOME, or XDG_STATE_HOME, XDG_CONFIG_HOME and XDG_DATA_HOME, to folders of yours</source>
            <translation>اضبط HOME أو XDG_STATE_HOME وXDG_CONFIG_HOME وXDG_DATA_HOME على مجلدات لك</translation>
        </message>
        <message>
            <source>Set {path}location_words to "{words}" if that is what you want, or location to "remove"</source>
            <translation>اضبط ⁨{path}⁩location_words على «⁨{words}⁩» إن أردت ذلك، أو location على «remove»</translation>
        </message>
        <message>
            <source>Setting</source>
            <translation>الإعداد</translation>
        </message>
        <message>
            <source>Setting the text</source>
            <translation>تنضيد النص</translation>
        </message>
        <message>
            <source>Settings of a delivery</source>
            <translation>إعدادات التسليم</translation>
        </message>
        <message>
            <source>Several are parted by commas.</source>
            <translation>تفصل بين العدة فواصل.</translation>
        </message>
        <message>
            <source>Several captures joined by the camera</source>
            <translation>عدة لقطات جمعتها الكاميرا</translation>
        </message>
        <message>
            <source>Shadow</source>
            <translation>الظل</translation>
        </message>
        <message>
            <source>Shadow strength</source>
            <translation>قوة الظل</translation>
        </message>
        <message>
            <source>Shape</source>
            <translation>الشكل</translation>
        </message>
        <message>
            <source>Shared deliveries hold delivery-1.json</source>
            <translation>التسليمات المشاركة تحوي delivery-1.json</translation>
        </message>
        <message>
            <source>Sharpen for the size</source>
            <translation>شحذ حسب الحجم</translation>
        </message>
        <message>
            <source>Sharpening and grain keep to what is in focus and has texture; skies, skin and soft ground are spared. Measured on each picture; the view can show where (Ctrl+Shift+W).</source>
            <translation>يلزم الشحذ والحبيبات ما هو في البؤرة وله ملمس؛ وتُعفى السماء والبشرة والأرضية الناعمة. يُقاس على كل صورة؛ ويمكن للعرض أن يبيّن أين (Ctrl+Shift+W).</translation>
        </message>
        <message>
            <source>Sharpness, tone and grain at the final size.</source>
            <translation>الحدة والدرجات والحبيبات بالحجم النهائي.</translation>
        </message>
        <message>
            <source>Short side</source>
            <translation>الضلع القصير</translation>
        </message>
        <message>
            <source>Shorten it, or widen the mat</source>
            <translation>قصّره أو عرّض الحاشية</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>جنبًا إلى جنب</translation>
        </message>
        <message>
            <source>Sides</source>
            <translation>الجوانب</translation>
        </message>
        <message>
            <source>Signature</source>
            <translation>توقيع</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>الحجم</translation>
        </message>
        <message>
            <source>Size counts against</source>
            <translation>يُحسب الحجم من</translation>
        </message>
        <message>
            <source>Size on paper</source>
            <translation>الحجم على الورق</translation>
        </message>
        <message>
            <source>Slanted letters.</source>
            <translation>حروف مائلة.</translation>
        </message>
        <message>
            <source>Small</source>
            <translation>صغيرة</translation>
        </message>
        <message>
            <source>Small and fine, also without loss; transparency, 8 or 16 bits. Not every program reads it yet.</source>
            <translation>صغيرة ودقيقة، وبلا فقد أيضًا؛ شفافية، 8 أو 16 بت. لا يقرؤها كل برنامج بعد.</translation>
        </message>
        <message>
            <source>Small corner link</source>
            <translation>رابط صغير في الزاوية</translation>
        </message>
        <message>
            <source>Small, for pages; transparency, 8 bits.</source>
            <translation>صغيرة للصفحات؛ شفافية، 8 بت.</translation>
        </message>
        <message>
            <source>Small, with a pattern all over: to choose from, not to use.</source>
            <translation>صغيرة عليها نمط يغطيها: للاختيار لا للاستعمال.</translation>
        </message>
        <message>
            <source>Smaller differences, such as noise in a sky, are left alone.</source>
            <translation>الفروق الأصغر، كضوضاء السماء، تُترك.</translation>
        </message>
        <message>
            <source>Smaller file (4:2:0)</source>
            <translation>ملف أصغر (⁦4:2:0⁩)</translation>
        </message>
        <message>
            <source>Smaller pictures</source>
            <translation>الصور الأصغر</translation>
        </message>
        <message>
            <source>Smaller than</source>
            <translation>أصغر من</translation>
        </message>
        <message>
            <source>Smooth: people, skin</source>
            <translation>ناعم: الناس والبشرة</translation>
        </message>
        <message>
            <source>Social square</source>
            <translation>مربع اجتماعي</translation>
        </message>
        <message>
            <source>Social tall</source>
            <translation>طولي اجتماعي</translation>
        </message>
        <message>
            <source>Soft corners</source>
            <translation>زوايا ناعمة</translation>
        </message>
        <message>
            <source>Soft light</source>
            <translation>ضوء ناعم</translation>
        </message>
        <message>
            <source>Softness</source>
            <translation>النعومة</translation>
        </message>
        <message>
            <source>Some of them</source>
            <translation>بعضها</translation>
        </message>
        <message>
            <source>Some per cent smaller and slower to write; the same pixels. Progressive ones are arranged in several ways, and the smallest is taken.</source>
            <translation>أصغر ببضعة في المئة وأبطأ كتابة؛ والبكسلات نفسها. تُرتب التدريجية بطرق عدة ويؤخذ أصغرها.</translation>
        </message>
        <message>
            <source>Some pictures had problems, were held back, or nothing usable was named.</source>
            <translation>كانت لبعض الصور مشكلات أو حُجزت، أو لم يُذكر شيء صالح.</translation>
        </message>
        <message>
            <source>Somebody may stand between; ask its keeper before you accept the new one. Nothing was sent</source>
            <translation>قد يقف أحدهم في الوسط؛ اسأل القائم عليه قبل أن تقبل الجديد. لم يُرسل شيء</translation>
        </message>
        <message>
            <source>Source</source>
            <translation>المصدر</translation>
        </message>
        <message>
            <source>Space between</source>
            <translation>الفراغ بينها</translation>
        </message>
        <message>
            <source>Split the file</source>
            <translation>قسّم الملف</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>التوزع</translation>
        </message>
        <message>
            <source>Square</source>
            <translation>مربعة</translation>
        </message>
        <message>
            <source>Square 1080, filled</source>
            <translation>مربع 1080، ممتلئ</translation>
        </message>
        <message>
            <source>Square for pages</source>
            <translation>مربع للصفحات</translation>
        </message>
        <message>
            <source>Square only</source>
            <translation>المربعة فقط</translation>
        </message>
        <message>
            <source>Stacked</source>
            <translation>رصّ</translation>
        </message>
        <message>
            <source>Stamp</source>
            <translation>ختم</translation>
        </message>
        <message>
            <source>Stamp what comes into a folder, each picture once it has come to rest, until it is stopped</source>
            <translation>اختم ما يصل إلى مجلد، كل صورة حالما تسكن، حتى يُوقف</translation>
        </message>
        <message numerus="yes">
            <source>Stamp {n} copies</source>
            <translation>
                <numerusform>اختم لا نسخ</numerusform>
                <numerusform>اختم نسخة واحدة</numerusform>
                <numerusform>اختم نسختان</numerusform>
                <numerusform>اختم {n} نسخ</numerusform>
                <numerusform>اختم {n} نسخة</numerusform>
                <numerusform>اختم {n} نسخة</numerusform>
            </translation>
        </message>
        <message>
            <source>Stands</source>
            <translation>يقف</translation>
        </message>
        <message>
            <source>Stands in the middle of the picture's width.</source>
            <translation>يقف في وسط عرض الصورة.</translation>
        </message>
        <message>
            <source>Stars and colour label go along where the description stays.</source>
            <translation>تبقى النجوم والعلامة اللونية حيث يبقى الوصف.</translation>
        </message>
        <message>
            <source>Start</source>
            <translation>البداية</translation>
        </message>
        <message>
            <source>Start across</source>
            <translation>البدء أفقيًا</translation>
        </message>
        <message>
            <source>Start apart from the window that is open already</source>
            <translation>يبدأ منفصلًا عن النافذة المفتوحة من قبل</translation>
        </message>
        <message>
            <source>Start down</source>
            <translation>البدء رأسيًا</translation>
        </message>
        <message>
            <source>State a resolution</source>
            <translation>اذكر دقة</translation>
        </message>
        <message>
            <source>Steeper or flatter in the middle.</source>
            <translation>أشد أو أخف انحدارًا في الوسط.</translation>
        </message>
        <message>
            <source>Stopped by the user.</source>
            <translation>أوقفه المستخدم.</translation>
        </message>
        <message numerus="yes">
            <source>Stopped. {n} copies were made, %1 not reached; it can go on there.</source>
            <translation>
                <numerusform>أُوقف. صُنعت لا نسخ، ولم يُبلغ ⁨%1⁩؛ ويمكن المتابعة من هناك.</numerusform>
                <numerusform>أُوقف. صُنعت نسخة واحدة، ولم يُبلغ ⁨%1⁩؛ ويمكن المتابعة من هناك.</numerusform>
                <numerusform>أُوقف. صُنعت نسختان، ولم يُبلغ ⁨%1⁩؛ ويمكن المتابعة من هناك.</numerusform>
                <numerusform>أُوقف. صُنعت {n} نسخ، ولم يُبلغ ⁨%1⁩؛ ويمكن المتابعة من هناك.</numerusform>
                <numerusform>أُوقف. صُنعت {n} نسخة، ولم يُبلغ ⁨%1⁩؛ ويمكن المتابعة من هناك.</numerusform>
                <numerusform>أُوقف. صُنعت {n} نسخة، ولم يُبلغ ⁨%1⁩؛ ويمكن المتابعة من هناك.</numerusform>
            </translation>
        </message>
        <message>
            <source>Stopped: {outcomes}.</source>
            <translation>أُوقف: ⁨{outcomes}⁩.</translation>
        </message>
        <message>
            <source>Store it: 'keep-seal-cli outbox password', or the station Sending</source>
            <translation>ضعها: keep-seal-cli outbox password أو محطة الإرسال</translation>
        </message>
        <message>
            <source>Straighten</source>
            <translation>تقويم</translation>
        </message>
        <message>
            <source>Strength</source>
            <translation>القوة</translation>
        </message>
        <message>
            <source>Strength, then halo, then plate</source>
            <translation>القوة ثم الهالة ثم اللوحة</translation>
        </message>
        <message>
            <source>Strength, then plate, then halo</source>
            <translation>القوة ثم اللوحة ثم الهالة</translation>
        </message>
        <message>
            <source>Strict</source>
            <translation>صارم</translation>
        </message>
        <message>
            <source>Strict about the place</source>
            <translation>صارم في الموضع</translation>
        </message>
        <message>
            <source>Strip</source>
            <translation>شريط</translation>
        </message>
        <message>
            <source>Stronger until readable</source>
            <translation>أقوى حتى يُقرأ</translation>
        </message>
        <message>
            <source>Strongest in the middle tones.</source>
            <translation>أقواها في الدرجات الوسطى.</translation>
        </message>
        <message>
            <source>Studio</source>
            <translation>الاستوديو</translation>
        </message>
        <message>
            <source>Studio name</source>
            <translation>اسم الاستوديو</translation>
        </message>
        <message>
            <source>Subcommands</source>
            <translation>الأوامر</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>الموضوع</translation>
        </message>
        <message>
            <source>Subject: {value}</source>
            <translation>الموضوع: ⁨{value}⁩</translation>
        </message>
        <message>
            <source>Sublocation</source>
            <translation>الحي</translation>
        </message>
        <message>
            <source>TELLS THE PLACE</source>
            <translation>تكشف المكان</translation>
        </message>
        <message>
            <source>TEXT</source>
            <translation>نص</translation>
        </message>
        <message>
            <source>THE PLACE IS TOLD</source>
            <translation>المكان مكشوف</translation>
        </message>
        <message>
            <source>TIFF</source>
            <translation>TIFF</translation>
        </message>
        <message>
            <source>TIFF compression</source>
            <translation>‏TIFF: الضغط</translation>
        </message>
        <message>
            <source>Take an own one out; restore brings it back</source>
            <translation>أخرج واحدًا لك؛ ويعيده restore</translation>
        </message>
        <message>
            <source>Take copies out of the outbox; what was sent stays where it is</source>
            <translation>أخرج نسخًا من الصادر؛ وما أُرسل يبقى حيث هو</translation>
        </message>
        <message>
            <source>Take receivers, paths or runs out of register and ledgers</source>
            <translation>أخرج مستلمين أو مسارات أو تشغيلات من السجل والدفاتر</translation>
        </message>
        <message>
            <source>Take them away</source>
            <translation>أزلها</translation>
        </message>
        <message>
            <source>Take what export wrote into your library</source>
            <translation>خذ إلى مكتبتك ما كتبه export</translation>
        </message>
        <message>
            <source>Taken</source>
            <translation>التُقطت</translation>
        </message>
        <message>
            <source>Taken with a digital camera</source>
            <translation>التُقطت بكاميرا رقمية</translation>
        </message>
        <message>
            <source>Takes the place of what is transparent where the format has no transparency.</source>
            <translation>يحل محل الشفاف حيث لا شفافية في الصيغة.</translation>
        </message>
        <message>
            <source>Tall</source>
            <translation>طولية</translation>
        </message>
        <message>
            <source>Tall only</source>
            <translation>الطولية فقط</translation>
        </message>
        <message>
            <source>Technical</source>
            <translation>تقني</translation>
        </message>
        <message>
            <source>Terms: {terms}</source>
            <translation>الشروط: ⁨{terms}⁩</translation>
        </message>
        <message>
            <source>Text</source>
            <translation>النص</translation>
        </message>
        <message>
            <source>Textures brought back</source>
            <translation>استعادة الملامس</translation>
        </message>
        <message>
            <source>The PNG to write; must not exist</source>
            <translation>ملف PNG الذي يُكتب؛ يجب ألا يكون موجودًا</translation>
        </message>
        <message>
            <source>The border's rings are {count}, counted from the picture</source>
            <translation>عدد حلقات الإطار: ⁨{count}⁩، عدًّا من الصورة</translation>
        </message>
        <message>
            <source>The bottom edge against the others: 150 is half as much again.</source>
            <translation>الحافة السفلى مقابل غيرها: 150 تزيد نصفًا.</translation>
        </message>
        <message>
            <source>The button beside the name lists all there are</source>
            <translation>الزر إلى جانب الاسم يسردها كلها</translation>
        </message>
        <message>
            <source>The call or a delivery is wrong; nothing was written.</source>
            <translation>الأمر أو أحد التسليمات خاطئ؛ لم يُكتب شيء.</translation>
        </message>
        <message>
            <source>The camera's own picture</source>
            <translation>صورة الكاميرا</translation>
        </message>
        <message>
            <source>The chosen colour of the first mat.</source>
            <translation>اللون المختار للحاشية الأولى.</translation>
        </message>
        <message>
            <source>The colour of the words.</source>
            <translation>لون الكلمات.</translation>
        </message>
        <message>
            <source>The contrast between the seal and what surrounds it, measured on the finished pixels. 3 : 1 is enough for large letters, 4.5 : 1 for small ones. What adapts does so until it is reached.</source>
            <translation>التباين بين الختم وما يحيط به، مقيسًا على البكسلات المنتهية. ⁦3 : 1⁩ يكفي للحروف الكبيرة و4.⁦5 : 1⁩ للصغيرة. ما يتكيّف يفعل ذلك حتى يُبلغ.</translation>
        </message>
        <message>
            <source>The copies</source>
            <translation>النسخ</translation>
        </message>
        <message>
            <source>The copies themselves lie in the album as well, to be downloaded.</source>
            <translation>النسخ نفسها في الألبوم أيضًا، للتنزيل.</translation>
        </message>
        <message>
            <source>The copy as it left</source>
            <translation>النسخة كما خرجت</translation>
        </message>
        <message>
            <source>The corner, edge or middle the seal stands at.</source>
            <translation>الزاوية أو الحافة أو الوسط الذي يقف عنده الختم.</translation>
        </message>
        <message>
            <source>The creator's contact details: a business address, not the place of the picture.</source>
            <translation>بيانات الاتصال بالمنشئ: عنوان عمل، لا مكان الصورة.</translation>
        </message>
        <message>
            <source>The darkest part becomes black, the brightest white.</source>
            <translation>أعتم جزء يصير أسود وأسطعه أبيض.</translation>
        </message>
        <message>
            <source>The deliveries of last time, who you are, the look of the window</source>
            <translation>تسليمات المرة السابقة، ومن أنت، ومظهر النافذة</translation>
        </message>
        <message>
            <source>The delivery whose seal is meant</source>
            <translation>التسليم المقصود ختمه</translation>
        </message>
        <message>
            <source>The delivery whose station Sending is meant</source>
            <translation>التسليم المقصودة محطة إرساله</translation>
        </message>
        <message>
            <source>The desktop's secret store</source>
            <translation>مخزن أسرار سطح المكتب</translation>
        </message>
        <message>
            <source>The emblem alone; it takes its light or dark version by the picture.</source>
            <translation>الشارة وحدها؛ تأخذ نسختها الفاتحة أو الداكنة حسب الصورة.</translation>
        </message>
        <message>
            <source>The emblem as a monogram.</source>
            <translation>الشارة مونوغرامًا.</translation>
        </message>
        <message>
            <source>The file</source>
            <translation>الملف</translation>
        </message>
        <message>
            <source>The file manager has no entries of Keep Seal.</source>
            <translation>ليس لـ Keep Seal مداخل في مدير الملفات.</translation>
        </message>
        <message numerus="yes">
            <source>The file manager's menu offers {n} deliveries and the window on chosen pictures.</source>
            <translation>
                <numerusform>تعرض قائمة مدير الملفات لا تسليمات والنافذة على الصور المختارة.</numerusform>
                <numerusform>تعرض قائمة مدير الملفات تسليم واحد والنافذة على الصور المختارة.</numerusform>
                <numerusform>تعرض قائمة مدير الملفات تسليمان والنافذة على الصور المختارة.</numerusform>
                <numerusform>تعرض قائمة مدير الملفات {n} تسليمات والنافذة على الصور المختارة.</numerusform>
                <numerusform>تعرض قائمة مدير الملفات {n} تسليمًا والنافذة على الصور المختارة.</numerusform>
                <numerusform>تعرض قائمة مدير الملفات {n} تسليم والنافذة على الصور المختارة.</numerusform>
            </translation>
        </message>
        <message>
            <source>The file to write; must not exist</source>
            <translation>الملف الذي يُكتب؛ يجب ألا يكون موجودًا</translation>
        </message>
        <message>
            <source>The file, of which the first line counts, or the variable's name.</source>
            <translation>الملف الذي يُحسب سطره الأول، أو اسم المتغير.</translation>
        </message>
        <message>
            <source>The files</source>
            <translation>الملفات</translation>
        </message>
        <message>
            <source>The first picture</source>
            <translation>الصورة الأولى</translation>
        </message>
        <message>
            <source>The first text's short cuts (`seal.text`, `seal.family`, `seal.weight`, `seal.colour`) are read where a file has no `parts`.</source>
            <translation>تُقرأ اختصارات النص الأول (`seal.text` و`seal.family` و`seal.weight` و`seal.colour`) حيث لا يوجد في الملف `parts`.</translation>
        </message>
        <message>
            <source>The folder; several may be given</source>
            <translation>المجلد؛ يجوز ذكر عدة</translation>
        </message>
        <message>
            <source>The four corners</source>
            <translation>الزوايا الأربع</translation>
        </message>
        <message>
            <source>The ground's colour.</source>
            <translation>لون الأرضية.</translation>
        </message>
        <message>
            <source>The height</source>
            <translation>الارتفاع</translation>
        </message>
        <message>
            <source>The height of a small x on the copy; 0: no limit. Small copies then get a larger seal.</source>
            <translation>ارتفاع حرف x صغير على النسخة؛ 0: بلا حد. تأخذ النسخ الصغيرة عندئذ ختمًا أكبر.</translation>
        </message>
        <message>
            <source>The id of the group it belongs to.</source>
            <translation>معرّف المجموعة التي ينتمي إليها.</translation>
        </message>
        <message>
            <source>The largest part of that ratio. On one picture the crop can be dragged.</source>
            <translation>أكبر جزء بتلك النسبة. يمكن سحب الاقتصاص على صورة واحدة.</translation>
        </message>
        <message>
            <source>The library of borders</source>
            <translation>مكتبة الأطر</translation>
        </message>
        <message>
            <source>The library of rights sheets</source>
            <translation>مكتبة أوراق الحقوق</translation>
        </message>
        <message>
            <source>The light version for dark places and the dark one for bright places, chosen for each picture by what lies behind the seal; or always the same.</source>
            <translation>النسخة الفاتحة للمواضع الداكنة والداكنة للفاتحة، تُختار لكل صورة حسب ما يقع خلف الختم؛ أو الواحدة نفسها دائمًا.</translation>
        </message>
        <message>
            <source>The long side</source>
            <translation>الضلع الطويل</translation>
        </message>
        <message>
            <source>The lowest quality at which the difference from the finished picture keeps to a limit, found for each copy by at most six encodings. Where the best quality does not, the copy is held back.</source>
            <translation>أدنى جودة يبقى معها الفرق عن الصورة المنتهية ضمن حد، تُطلب لكل نسخة بستة ترميزات على الأكثر. حيث لا تبلغها أفضل جودة تُحجز النسخة.</translation>
        </message>
        <message>
            <source>The manual page, of all commands</source>
            <translation>صفحة الدليل، لكل الأوامر</translation>
        </message>
        <message>
            <source>The mapping of metadata fields to XMP, Exif and IIM</source>
            <translation>مقابلة حقول البيانات الوصفية لـ XMP وExif وIIM</translation>
        </message>
        <message>
            <source>The mat takes the mean of the picture, a white line keeps them apart.</source>
            <translation>تأخذ الحاشية متوسط الصورة ويفصلهما خط أبيض.</translation>
        </message>
        <message>
            <source>The mean of its edge</source>
            <translation>متوسط حافتها</translation>
        </message>
        <message>
            <source>The name your pictures go out under: {studio}.</source>
            <translation>الاسم الذي تخرج به صورك: ⁨{studio}⁩.</translation>
        </message>
        <message>
            <source>The offset from UTC goes too: it narrows down where a picture was taken.</source>
            <translation>يذهب الفرق عن UTC أيضًا: إنه يضيّق أين التُقطت الصورة.</translation>
        </message>
        <message>
            <source>The opacity it is raised to at most.</source>
            <translation>العتامة التي يُرفع إليها على الأكثر.</translation>
        </message>
        <message>
            <source>The order in which what is allowed to help is tried, after the other version. The first that is enough alone is taken, in the least amount; only then several together.</source>
            <translation>الترتيب الذي يُجرّب به ما يُسمح له بالمساعدة، بعد النسخة الأخرى. يؤخذ أول ما يكفي وحده بأقل مقدار؛ ثم عدة منها معًا.</translation>
        </message>
        <message>
            <source>The original of these copies: the names of its place are looked for as well</source>
            <translation>أصل هذه النسخ: يُبحث عن أسماء مكانه أيضًا</translation>
        </message>
        <message>
            <source>The originals' own folders get new files only with the last of them, and there nothing is ever replaced.</source>
            <translation>لا تأخذ مجلدات الأصول ملفات جديدة إلا مع الأخير، ولا يُستبدل هناك شيء أبدًا.</translation>
        </message>
        <message>
            <source>The others keep their own size.</source>
            <translation>تحتفظ الأخرى بحجمها.</translation>
        </message>
        <message>
            <source>The outbox is empty.</source>
            <translation>الصادر فارغ.</translation>
        </message>
        <message>
            <source>The picture</source>
            <translation>الصورة</translation>
        </message>
        <message>
            <source>The picture proper, or the whole with its border.</source>
            <translation>الصورة نفسها، أو الكل مع إطارها.</translation>
        </message>
        <message>
            <source>The picture's corners: radius against its short side.</source>
            <translation>زوايا الصورة: نصف القطر قياسًا إلى ضلعها القصير.</translation>
        </message>
        <message>
            <source>The picture's mean</source>
            <translation>متوسط الصورة</translation>
        </message>
        <message>
            <source>The picture: a border comes on top. The whole: the border is reckoned in, to the pixel.</source>
            <translation>الصورة: يُضاف الإطار إليها. الكل: الإطار محسوب فيه، بالبكسل.</translation>
        </message>
        <message>
            <source>The pixel size the receiver gets.</source>
            <translation>حجم البكسلات الذي يستلمه المستلم.</translation>
        </message>
        <message>
            <source>The profile is embedded. sRGB is right for pages and most receivers.</source>
            <translation>يُضمّن ملف الألوان. sRGB مناسب للصفحات ولمعظم المستلمين.</translation>
        </message>
        <message>
            <source>The program it was edited with, and when. Steps of the editing are never kept.</source>
            <translation>البرنامج الذي حُررت به ومتى. خطوات التحرير لا تُحفظ أبدًا.</translation>
        </message>
        <message>
            <source>The rating in the picture's metadata or in the XMP file beside it; 0 takes all.</source>
            <translation>التقييم في بيانات الصورة أو في ملف XMP إلى جانبها؛ 0 يأخذ الكل.</translation>
        </message>
        <message numerus="yes">
            <source>The register was made again from the ledgers: {n} copies.</source>
            <translation>
                <numerusform>صُنع السجل من جديد من الدفاتر: لا نسخ.</numerusform>
                <numerusform>صُنع السجل من جديد من الدفاتر: نسخة واحدة.</numerusform>
                <numerusform>صُنع السجل من جديد من الدفاتر: نسختان.</numerusform>
                <numerusform>صُنع السجل من جديد من الدفاتر: {n} نسخ.</numerusform>
                <numerusform>صُنع السجل من جديد من الدفاتر: {n} نسخة.</numerusform>
                <numerusform>صُنع السجل من جديد من الدفاتر: {n} نسخة.</numerusform>
            </translation>
        </message>
        <message>
            <source>The run's ledger</source>
            <translation>دفتر التشغيل</translation>
        </message>
        <message>
            <source>The same at length.</source>
            <translation>الشيء نفسه بالتفصيل.</translation>
        </message>
        <message>
            <source>The same for another shell</source>
            <translation>مثله لصدفة أوامر أخرى</translation>
        </message>
        <message>
            <source>The same for light ground; empty: one serves both.</source>
            <translation>مثله للأرضية الفاتحة؛ فارغ: واحد يكفي للاثنين.</translation>
        </message>
        <message>
            <source>The same for the same picture every time.</source>
            <translation>هي نفسها للصورة نفسها كل مرة.</translation>
        </message>
        <message>
            <source>The saved deliveries</source>
            <translation>التسليمات المحفوظة</translation>
        </message>
        <message>
            <source>The seal stands</source>
            <translation>يقف الختم</translation>
        </message>
        <message>
            <source>The seal's unit, which is the type size of a text of 100 %, measured against the picture. A seal that would not fit between the margins is made smaller until it does, and the plan says so.</source>
            <translation>وحدة الختم، وهي حجم الخط لنص 100 %، قياسًا إلى الصورة. الختم الذي لا يسع بين الهوامش يُصغّر حتى يسع، وتذكر الخطة ذلك.</translation>
        </message>
        <message>
            <source>The server's key: {key}</source>
            <translation>مفتاح الخادم: ⁨{key}⁩</translation>
        </message>
        <message>
            <source>The short side</source>
            <translation>الضلع القصير</translation>
        </message>
        <message>
            <source>The slanted cut of the typeface.</source>
            <translation>القطع المائل من الخط.</translation>
        </message>
        <message>
            <source>The station Turn, crop can take every one, or some</source>
            <translation>محطة القص والتدوير تستطيع أخذ كلها أو بعضها</translation>
        </message>
        <message>
            <source>The studio's own number of the job.</source>
            <translation>رقم العمل لدى الاستوديو.</translation>
        </message>
        <message>
            <source>The studio's street and number.</source>
            <translation>شارع الاستوديو ورقمه.</translation>
        </message>
        <message>
            <source>The tokens for texts and names</source>
            <translation>الرموز للنصوص والأسماء</translation>
        </message>
        <message>
            <source>The type size against the mat's height. Made smaller where the words would run over.</source>
            <translation>حجم الخط قياسًا إلى ارتفاع الحاشية. يُصغّر حيث تفيض الكلمات.</translation>
        </message>
        <message>
            <source>The typefaces come with Keep Seal, or with your library, so a seal looks the same everywhere.</source>
            <translation>تأتي الخطوط مع Keep Seal أو مع مكتبتك، فيبدو الختم نفسه في كل مكان.</translation>
        </message>
        <message>
            <source>The typefaces come with Keep Seal, or with your library, so a seal looks the same everywhere. (Of the seal's first text.)</source>
            <translation>تأتي الخطوط مع Keep Seal أو مع مكتبتك، فيبدو الختم نفسه في كل مكان. (لأول نص في الختم.)</translation>
        </message>
        <message>
            <source>The very copy "{copy}", made for "{delivery}" on {day}: byte for byte.</source>
            <translation>هي النسخة «⁨{copy}⁩» نفسها التي صُنعت لأجل «⁨{delivery}⁩» في ⁨{day}⁩: بايتًا ببايت.</translation>
        </message>
        <message>
            <source>The visible mark.</source>
            <translation>العلامة المرئية.</translation>
        </message>
        <message>
            <source>The whole's corners; what is cut off is transparent where the format can.</source>
            <translation>زوايا الكل؛ ما قُطع شفاف حيث تستطيع الصيغة.</translation>
        </message>
        <message>
            <source>The whole, border included</source>
            <translation>الكل مع الإطار</translation>
        </message>
        <message>
            <source>The width</source>
            <translation>العرض</translation>
        </message>
        <message>
            <source>The width of the first mat, in what it is measured in.</source>
            <translation>عرض الحاشية الأولى بوحدة قياسها.</translation>
        </message>
        <message>
            <source>There is no picture in there that Keep Seal reads: nothing was made.</source>
            <translation>ليس هناك صورة يقرؤها Keep Seal: لم يُصنع شيء.</translation>
        </message>
        <message>
            <source>There is nothing to go on with</source>
            <translation>ليس هناك ما يُواصَل</translation>
        </message>
        <message>
            <source>They are right: send them</source>
            <translation>هي صحيحة: أرسلها</translation>
        </message>
        <message>
            <source>Those that come with Keep Seal stay</source>
            <translation>ما يأتي مع Keep Seal يبقى</translation>
        </message>
        <message>
            <source>Those that come with Keep Seal, and your own</source>
            <translation>ما يأتي مع Keep Seal وما هو لك</translation>
        </message>
        <message>
            <source>Thousands of bytes of each file; 0: as many as it takes. The best quality that fits is found, up to the one chosen above. No file has one byte more.</source>
            <translation>آلاف البايتات لكل ملف؛ 0: ما يلزم. تُطلب أفضل جودة تسع، حتى المختارة أعلاه. لا يزيد ملف بايتًا واحدًا.</translation>
        </message>
        <message>
            <source>Threshold</source>
            <translation>العتبة</translation>
        </message>
        <message>
            <source>Through: {value}</source>
            <translation>عبر: ⁨{value}⁩</translation>
        </message>
        <message>
            <source>Title</source>
            <translation>العنوان</translation>
        </message>
        <message>
            <source>Title, description and other texts that hold a removed place are left out whole.</source>
            <translation>العنوان والوصف وغيرهما من النصوص التي فيها مكان مُزال تُترك كلها.</translation>
        </message>
        <message>
            <source>Title, headline, description, alt text, keywords, persons, event, job.</source>
            <translation>العنوان والعنوان الرئيسي والوصف والنص البديل والكلمات المفتاحية والأشخاص والحدث والعمل.</translation>
        </message>
        <message>
            <source>To</source>
            <translation>إلى</translation>
        </message>
        <message numerus="yes">
            <source>To be taken out of the register and the ledgers: {n} rows, with what these pictures are known by. This can't be undone. The files themselves stay where they are.</source>
            <translation>
                <numerusform>سيُخرج من السجل والدفاتر: لا أسطر، مع ما تُعرف به هذه الصور. لا يمكن التراجع عن ذلك. تبقى الملفات نفسها حيث هي.</numerusform>
                <numerusform>سيُخرج من السجل والدفاتر: سطر واحد، مع ما تُعرف به هذه الصور. لا يمكن التراجع عن ذلك. تبقى الملفات نفسها حيث هي.</numerusform>
                <numerusform>سيُخرج من السجل والدفاتر: سطران، مع ما تُعرف به هذه الصور. لا يمكن التراجع عن ذلك. تبقى الملفات نفسها حيث هي.</numerusform>
                <numerusform>سيُخرج من السجل والدفاتر: {n} أسطر، مع ما تُعرف به هذه الصور. لا يمكن التراجع عن ذلك. تبقى الملفات نفسها حيث هي.</numerusform>
                <numerusform>سيُخرج من السجل والدفاتر: {n} سطرًا، مع ما تُعرف به هذه الصور. لا يمكن التراجع عن ذلك. تبقى الملفات نفسها حيث هي.</numerusform>
                <numerusform>سيُخرج من السجل والدفاتر: {n} سطر، مع ما تُعرف به هذه الصور. لا يمكن التراجع عن ذلك. تبقى الملفات نفسها حيث هي.</numerusform>
            </translation>
        </message>
        <message>
            <source>To go on where it was: {command}</source>
            <translation>للمواصلة من حيث كان: ⁨{command}⁩</translation>
        </message>
        <message>
            <source>To: {folder}</source>
            <translation>إلى: ⁨{folder}⁩</translation>
        </message>
        <message>
            <source>To: {value}</source>
            <translation>إلى: ⁨{value}⁩</translation>
        </message>
        <message>
            <source>Top</source>
            <translation>أعلى</translation>
        </message>
        <message>
            <source>Top left</source>
            <translation>أعلى اليسار</translation>
        </message>
        <message>
            <source>Top left, across</source>
            <translation>أعلى اليسار، أفقيًا</translation>
        </message>
        <message>
            <source>Top left, down</source>
            <translation>أعلى اليسار، رأسيًا</translation>
        </message>
        <message>
            <source>Top right</source>
            <translation>أعلى اليمين</translation>
        </message>
        <message>
            <source>Top right, across</source>
            <translation>أعلى اليمين، أفقيًا</translation>
        </message>
        <message>
            <source>Top right, down</source>
            <translation>أعلى اليمين، رأسيًا</translation>
        </message>
        <message>
            <source>Transparent</source>
            <translation>شفاف</translation>
        </message>
        <message numerus="yes">
            <source>Tried on {n} pictures</source>
            <translation>
                <numerusform>جُرّب على لا صور</numerusform>
                <numerusform>جُرّب على صورة واحدة</numerusform>
                <numerusform>جُرّب على صورتان</numerusform>
                <numerusform>جُرّب على {n} صور</numerusform>
                <numerusform>جُرّب على {n} صورة</numerusform>
                <numerusform>جُرّب على {n} صورة</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Tried on {n} pictures. That a mark holds here does not prove that it can't be taken off.</source>
            <translation>
                <numerusform>جُرّب على عدد من الصور: {n}. ثبات العلامة هنا لا يثبت أنه لا يمكن نزعها.</numerusform>
                <numerusform>جُرّب على عدد من الصور: {n}. ثبات العلامة هنا لا يثبت أنه لا يمكن نزعها.</numerusform>
                <numerusform>جُرّب على عدد من الصور: {n}. ثبات العلامة هنا لا يثبت أنه لا يمكن نزعها.</numerusform>
                <numerusform>جُرّب على عدد من الصور: {n}. ثبات العلامة هنا لا يثبت أنه لا يمكن نزعها.</numerusform>
                <numerusform>جُرّب على عدد من الصور: {n}. ثبات العلامة هنا لا يثبت أنه لا يمكن نزعها.</numerusform>
                <numerusform>جُرّب على عدد من الصور: {n}. ثبات العلامة هنا لا يثبت أنه لا يمكن نزعها.</numerusform>
            </translation>
        </message>
        <message>
            <source>Try again</source>
            <translation>أعد المحاولة</translation>
        </message>
        <message>
            <source>Try again; if it happens again, leave this picture out</source>
            <translation>أعد المحاولة؛ فإن حدث ثانية فاترك هذه الصورة</translation>
        </message>
        <message>
            <source>Try it out first: the station Sending, or 'keep-seal-cli outbox try'</source>
            <translation>جرّبه أولًا: محطة الإرسال أو keep-seal-cli outbox try</translation>
        </message>
        <message>
            <source>Try it:
  keep-seal-cli proof marsh.jpg -o proof.png --set seal.text='(c) Studio'
  keep-seal-cli plan  --delivery web.json --out copies pictures/
  keep-seal-cli stamp --delivery web.json --out copies pictures/
  keep-seal-cli check copies/*.jpg
  keep-seal-cli seal advise pictures/   where the seal stands well
  keep-seal-cli settings            every setting, its range and its default

Exit codes: 0 all done; 1 some pictures had problems (check: a file tells a place);
            2 the call or a delivery is wrong, nothing was written; 3 stopped by the user.</source>
            <translation>للتجربة:
  keep-seal-cli proof marsh.jpg -o proof.png --set seal.text='(c) Studio'
  keep-seal-cli plan  --delivery web.json --out copies pictures/
  keep-seal-cli stamp --delivery web.json --out copies pictures/
  keep-seal-cli check copies/*.jpg
  keep-seal-cli seal advise pictures/   أين يحسن موضع الختم
  keep-seal-cli settings            كل الإعدادات ومجالها وقيمها المبدئية

رموز الخروج: 0 تم كل شيء؛ 1 كان لبعض الصور مشكلات (check: ملف يكشف مكانًا)؛
            2 الأمر أو تسليم غير صحيح ولم يُكتب شيء؛ 3 أوقفه المستخدم.</translation>
        </message>
        <message>
            <source>Try to take the seal off, in five ways, and say what is left of it</source>
            <translation>حاول نزع الختم بخمس طرق واذكر ما يبقى منه</translation>
        </message>
        <message>
            <source>Turn</source>
            <translation>التدوير</translation>
        </message>
        <message>
            <source>Turn, crop</source>
            <translation>القص والتدوير</translation>
        </message>
        <message>
            <source>Turned by</source>
            <translation>مُدار بـ</translation>
        </message>
        <message>
            <source>Turned with the picture</source>
            <translation>يُدار مع الصورة</translation>
        </message>
        <message>
            <source>Turns letters into capitals or small capitals.</source>
            <translation>يحوّل الحروف إلى كبيرة أو كبيرة مصغّرة.</translation>
        </message>
        <message>
            <source>Two lines that end at the margin.</source>
            <translation>سطران ينتهيان عند الهامش.</translation>
        </message>
        <message>
            <source>Type size</source>
            <translation>حجم الخط</translation>
        </message>
        <message>
            <source>Typed, or picked from the picture.</source>
            <translation>مكتوب أو مأخوذ من الصورة.</translation>
        </message>
        <message>
            <source>Typeface</source>
            <translation>الخط</translation>
        </message>
        <message>
            <source>Under each other, side by side, or where you drag them.</source>
            <translation>بعضها تحت بعض، أو جنبًا إلى جنب، أو حيث تسحبها.</translation>
        </message>
        <message>
            <source>Under it</source>
            <translation>تحته</translation>
        </message>
        <message>
            <source>Under transparency</source>
            <translation>تحت الشفافية</translation>
        </message>
        <message>
            <source>Unique in its seal.</source>
            <translation>فريد في ختمه.</translation>
        </message>
        <message>
            <source>Unlock it, or name a file or an environment variable for the password</source>
            <translation>افتح قفله، أو اذكر ملفًا أو متغير بيئة لكلمة المرور</translation>
        </message>
        <message>
            <source>Until the whole has a ratio</source>
            <translation>حتى يكون للكل نسبة</translation>
        </message>
        <message>
            <source>Untouched outside the mark</source>
            <translation>كما هي خارج العلامة</translation>
        </message>
        <message>
            <source>Up and down apart</source>
            <translation>أعلى وأسفل على حدة</translation>
        </message>
        <message>
            <source>Update Keep Seal; the file was left as it is</source>
            <translation>حدّث Keep Seal؛ تُرك الملف كما كان</translation>
        </message>
        <message>
            <source>Upload form</source>
            <translation>استمارة رفع</translation>
        </message>
        <message>
            <source>Upper rule</source>
            <translation>الخط العلوي</translation>
        </message>
        <message>
            <source>Upright</source>
            <translation>خط قائم</translation>
        </message>
        <message>
            <source>Upright and name</source>
            <translation>خط قائم واسم</translation>
        </message>
        <message>
            <source>Upright, downwards</source>
            <translation>قائم، نزولًا</translation>
        </message>
        <message>
            <source>Upright, upwards</source>
            <translation>قائم، صعودًا</translation>
        </message>
        <message>
            <source>Usage</source>
            <translation>الاستعمال</translation>
        </message>
        <message>
            <source>Use</source>
            <translation>استعمل</translation>
        </message>
        <message>
            <source>Use the same version for all parts, or plan anew</source>
            <translation>استعمل الإصدار نفسه لكل الأجزاء أو خطط من جديد</translation>
        </message>
        <message>
            <source>Used where the picture is bright; empty: the same file.</source>
            <translation>يُستعمل حيث تكون الصورة ساطعة؛ فارغ: الملف نفسه.</translation>
        </message>
        <message>
            <source>User</source>
            <translation>المستخدم</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>القيمة</translation>
        </message>
        <message>
            <source>Version</source>
            <translation>النسخة</translation>
        </message>
        <message>
            <source>Very small, for pages; transparency, 8, 10 or 12 bits. Takes its time.</source>
            <translation>صغيرة جدًا للصفحات؛ شفافية، 8 أو 10 أو 12 بت. تأخذ وقتها.</translation>
        </message>
        <message>
            <source>Wait for its end, or choose another folder</source>
            <translation>انتظر انتهاءه أو اختر مجلدًا آخر</translation>
        </message>
        <message>
            <source>Wait until the other program has finished writing it, then stamp it again</source>
            <translation>انتظر حتى يفرغ البرنامج الآخر من كتابته ثم اختمه من جديد</translation>
        </message>
        <message>
            <source>Web Statement of Rights</source>
            <translation>بيان الحقوق على الويب</translation>
        </message>
        <message>
            <source>Web gallery</source>
            <translation>معرض الويب</translation>
        </message>
        <message>
            <source>Web page</source>
            <translation>صفحة الويب</translation>
        </message>
        <message>
            <source>WebDAV</source>
            <translation>WebDAV</translation>
        </message>
        <message>
            <source>WebP</source>
            <translation>WebP</translation>
        </message>
        <message>
            <source>WebP quality</source>
            <translation>‏WebP: الجودة</translation>
        </message>
        <message>
            <source>WebP without loss</source>
            <translation>‏WebP بلا فقد</translation>
        </message>
        <message>
            <source>Weight</source>
            <translation>الثقل</translation>
        </message>
        <message>
            <source>What 'export' wrote</source>
            <translation>ما كتبه export</translation>
        </message>
        <message>
            <source>What a picture that was met somewhere is: by its bytes, or by how it looks</source>
            <translation>ما هي صورة صادفتها في مكان ما: ببايتاتها أو بمظهرها</translation>
        </message>
        <message>
            <source>What a receiver's system can't take becomes a hyphen. Plain turns "Böe" into "Boe".</source>
            <translation>ما لا يأخذه نظام المستلم يصير شرطة. البسيطة تحوّل «Böe» إلى «Boe».</translation>
        </message>
        <message>
            <source>What all runs together know of copies and pictures</source>
            <translation>ما تعرفه كل التشغيلات معًا عن النسخ والصور</translation>
        </message>
        <message>
            <source>What can be given, and nothing else</source>
            <translation>ما يمكن ذكره، ولا شيء غيره</translation>
        </message>
        <message>
            <source>What copies say of their maker: written to XMP, Exif and IIM in step.</source>
            <translation>ما تقوله النسخ عن صانعها: يُكتب في XMP وExif وIIM معًا.</translation>
        </message>
        <message>
            <source>What gets this size</source>
            <translation>ما يأخذ هذا الحجم</translation>
        </message>
        <message>
            <source>What goes</source>
            <translation>ما يذهب</translation>
        </message>
        <message>
            <source>What hangs on the letter. It goes only after you looked at it, in the outbox.</source>
            <translation>ما يرافق الرسالة. لا تذهب إلا بعد أن تنظر إليها في الصادر.</translation>
        </message>
        <message>
            <source>What is asked of a pattern or of a relief, which are there to be seen, not read: how far they change the pixels under them, as a contrast.</source>
            <translation>ما يُطلب من نمط أو نقش، وهما ليُريا لا ليُقرآ: كم يغيّران البكسلات تحتهما، تباينًا.</translation>
        </message>
        <message>
            <source>What is put around the picture, or along its edge.</source>
            <translation>ما يوضع حول الصورة أو على حافتها.</translation>
        </message>
        <message>
            <source>What is to be printed beside the picture.</source>
            <translation>ما يُطبع إلى جانب الصورة.</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>ما يفعله</translation>
        </message>
        <message>
            <source>What left</source>
            <translation>ما خرج</translation>
        </message>
        <message>
            <source>What of the original's own metadata a copy may carry on. All else does not exist in it, and every finished copy is opened again and searched before it gets its name.</source>
            <translation>ما يجوز للنسخة أن تحمله من بيانات الأصل الوصفية. كل ما عداه لا يوجد فيها، وكل نسخة منتهية تُفتح من جديد وتُفتّش قبل أن تأخذ اسمها.</translation>
        </message>
        <message>
            <source>What receivers often ask for; every number can be changed afterwards.</source>
            <translation>ما يطلبه المستلمون كثيرًا؛ يمكن تغيير كل عدد بعد ذلك.</translation>
        </message>
        <message>
            <source>What stands above it</source>
            <translation>ما يُكتب فوقه</translation>
        </message>
        <message numerus="yes">
            <source>What the copies of {n} pictures will say. %1 with something to look at, first.</source>
            <translation>
                <numerusform>ما ستقوله نسخ لا صور. ما يستحق النظر أولًا: ⁨%1⁩.</numerusform>
                <numerusform>ما ستقوله نسخ صورة واحدة. ما يستحق النظر أولًا: ⁨%1⁩.</numerusform>
                <numerusform>ما ستقوله نسخ صورتان. ما يستحق النظر أولًا: ⁨%1⁩.</numerusform>
                <numerusform>ما ستقوله نسخ {n} صور. ما يستحق النظر أولًا: ⁨%1⁩.</numerusform>
                <numerusform>ما ستقوله نسخ {n} صورة. ما يستحق النظر أولًا: ⁨%1⁩.</numerusform>
                <numerusform>ما ستقوله نسخ {n} صورة. ما يستحق النظر أولًا: ⁨%1⁩.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>What the copies of {n} pictures will say. Nothing needs a look.</source>
            <translation>
                <numerusform>ما ستقوله نسخ لا صور. لا شيء يستحق النظر.</numerusform>
                <numerusform>ما ستقوله نسخ صورة واحدة. لا شيء يستحق النظر.</numerusform>
                <numerusform>ما ستقوله نسخ صورتان. لا شيء يستحق النظر.</numerusform>
                <numerusform>ما ستقوله نسخ {n} صور. لا شيء يستحق النظر.</numerusform>
                <numerusform>ما ستقوله نسخ {n} صورة. لا شيء يستحق النظر.</numerusform>
                <numerusform>ما ستقوله نسخ {n} صورة. لا شيء يستحق النظر.</numerusform>
            </translation>
        </message>
        <message>
            <source>What the copies will say, as CSV</source>
            <translation>ما ستقوله النسخ، بصيغة CSV</translation>
        </message>
        <message>
            <source>What the list of parts calls it.</source>
            <translation>ما تسميه به قائمة الأجزاء.</translation>
        </message>
        <message>
            <source>What the original says of its maker, where the rights sheet says nothing else.</source>
            <translation>ما يقوله الأصل عن صانعه، حيث لا تقول ورقة الحقوق غيره.</translation>
        </message>
        <message>
            <source>What the picture is about, in one line.</source>
            <translation>موضوع الصورة في سطر واحد.</translation>
        </message>
        <message>
            <source>What the picture shows</source>
            <translation>ما تُظهره الصورة</translation>
        </message>
        <message>
            <source>What the receiver has to mind, as in "not before 1 June".</source>
            <translation>ما على المستلم مراعاته، مثل «ليس قبل 1 يونيو».</translation>
        </message>
        <message>
            <source>What the receiver measures.</source>
            <translation>ما يقيسه المستلم.</translation>
        </message>
        <message>
            <source>What the size is a share of. Equal area: the whole seal takes the same share of every picture, whatever its shape (the size is the square root of that share).</source>
            <translation>ما يُنسب إليه الحجم. مساحة متساوية: يأخذ الختم كله الحصة نفسها من كل صورة مهما كان شكلها (الحجم جذر تلك الحصة التربيعي).</translation>
        </message>
        <message>
            <source>What the storage calls the whole of its objects.</source>
            <translation>ما تسمي به الخدمة مجموع كائناتها.</translation>
        </message>
        <message>
            <source>What these files tell</source>
            <translation>ما تكشفه هذه الملفات</translation>
        </message>
        <message>
            <source>What waits, and what is held and why</source>
            <translation>ما ينتظر، وما هو محتجز ولماذا</translation>
        </message>
        <message>
            <source>What was found</source>
            <translation>ما عُثر عليه</translation>
        </message>
        <message>
            <source>What was sent and left out too</source>
            <translation>وما أُرسل وتُرك أيضًا</translation>
        </message>
        <message>
            <source>What you write. A link to where the pictures lie may stand here.</source>
            <translation>ما تكتبه. يمكن أن يقف هنا رابط إلى حيث الصور.</translation>
        </message>
        <message>
            <source>What {number} is for the first picture.</source>
            <translation>ما يكون ⁨{number}⁩ للصورة الأولى.</translation>
        </message>
        <message>
            <source>What {studio} and its like stand for.</source>
            <translation>ما تنوب عنه ⁨{studio}⁩ وأمثالها.</translation>
        </message>
        <message>
            <source>When the picture was taken.</source>
            <translation>متى التُقطت الصورة.</translation>
        </message>
        <message>
            <source>Where</source>
            <translation>أين</translation>
        </message>
        <message>
            <source>Where a licence can be had.</source>
            <translation>أين تُنال رخصة.</translation>
        </message>
        <message>
            <source>Where finished copies are put as well, by the outbox.</source>
            <translation>إلى أين تذهب النسخ المنتهية أيضًا، عن طريق الصادر.</translation>
        </message>
        <message>
            <source>Where it was met, for the report</source>
            <translation>أين صودفت، للتقرير</translation>
        </message>
        <message>
            <source>Where neither the other version nor halo and strength make the seal readable. Not under a pattern.</source>
            <translation>حيث لا تجعل النسخة الأخرى ولا الهالة والقوة الختم مقروءًا. ليس تحت نمط.</translation>
        </message>
        <message>
            <source>Where that quality still makes too many bytes, the copy gets fewer pixels; else it is held back.</source>
            <translation>حيث تصنع تلك الجودة بايتات أكثر من اللازم تأخذ النسخة بكسلات أقل؛ وإلا تُحجز.</translation>
        </message>
        <message>
            <source>Where the copy goes and how it is called.</source>
            <translation>إلى أين تذهب النسخة وما اسمها.</translation>
        </message>
        <message>
            <source>Where the picture was taken. Kept only together with location_words.</source>
            <translation>أين التُقطت الصورة. لا يبقى إلا مع location_words.</translation>
        </message>
        <message>
            <source>Where the seal may go.</source>
            <translation>أين يجوز للختم أن يذهب.</translation>
        </message>
        <message>
            <source>Where the seal's middle stands.</source>
            <translation>أين يقف وسط الختم.</translation>
        </message>
        <message>
            <source>Where to call for a licence.</source>
            <translation>بمن يُتصل لنيل رخصة.</translation>
        </message>
        <message>
            <source>Where to write for a licence.</source>
            <translation>إلى أين يُكتب لنيل رخصة.</translation>
        </message>
        <message>
            <source>Whether copies carry the seal.</source>
            <translation>هل تحمل النسخ الختم.</translation>
        </message>
        <message>
            <source>Whether programs may learn from the picture. A request in the file, not a lock.</source>
            <translation>هل يجوز للبرامج أن تتعلم من الصورة. طلب في الملف، لا قفل.</translation>
        </message>
        <message>
            <source>Whether the picture is protected.</source>
            <translation>هل الصورة محمية.</translation>
        </message>
        <message>
            <source>Whether the sheet's rules are carried out on copies.</source>
            <translation>هل تُنفّذ قواعد الورقة على النسخ.</translation>
        </message>
        <message>
            <source>Which</source>
            <translation>أيها</translation>
        </message>
        <message>
            <source>Which colour</source>
            <translation>أي لون</translation>
        </message>
        <message>
            <source>Which one</source>
            <translation>أيها</translation>
        </message>
        <message>
            <source>Which part of the picture stays.</source>
            <translation>أي جزء من الصورة يبقى.</translation>
        </message>
        <message>
            <source>Which part of the picture, and which way up.</source>
            <translation>أي جزء من الصورة وفي أي اتجاه.</translation>
        </message>
        <message>
            <source>Which picture it is, and when it was made: for choosing.</source>
            <translation>أي صورة هي ومتى صُنعت: للاختيار.</translation>
        </message>
        <message>
            <source>Which pictures of the job this receiver gets.</source>
            <translation>أي صور المهمة يستلمها هذا المستلم.</translation>
        </message>
        <message>
            <source>Which side of the mat it stands in.</source>
            <translation>على أي جانب من الحاشية يقف.</translation>
        </message>
        <message>
            <source>Which version this is, and nothing else</source>
            <translation>ما هذا الإصدار، ولا شيء غيره</translation>
        </message>
        <message>
            <source>While it does not stretch. A ring is as wide as it is tall.</source>
            <translation>ما لم يتمدد. الحلقة عرضها كارتفاعها.</translation>
        </message>
        <message>
            <source>White paper around the print, a hair line to cut along.</source>
            <translation>ورق أبيض حول المطبوعة وخط شعري للقص.</translation>
        </message>
        <message>
            <source>Who gets them; several addresses are parted by commas.</source>
            <translation>من يستلمها؛ تفصل بين العناوين فواصل.</translation>
        </message>
        <message>
            <source>Who made the picture. Several names are parted by semicolons.</source>
            <translation>من صنع الصورة. تفصل بين الأسماء فواصل منقوطة.</translation>
        </message>
        <message>
            <source>Who owns the rights, as in "© {year} Marsh &amp; Line Studio".</source>
            <translation>من يملك الحقوق، مثل «© ⁨{year}⁩ استوديو».</translation>
        </message>
        <message>
            <source>Who supplied the picture.</source>
            <translation>من قدّم الصورة.</translation>
        </message>
        <message>
            <source>Who takes the pictures: {studio_creator}.</source>
            <translation>من يلتقط الصور: ⁨{studio_creator}⁩.</translation>
        </message>
        <message>
            <source>Who, what, when and why, in sentences.</source>
            <translation>من وماذا ومتى ولماذا، في جمل.</translation>
        </message>
        <message>
            <source>Whoever holds the rights, where it is not the creator.</source>
            <translation>من يملك الحقوق حيث لا يكون المنشئ.</translation>
        </message>
        <message>
            <source>Whole</source>
            <translation>الكل</translation>
        </message>
        <message>
            <source>Whom to ask for a licence.</source>
            <translation>ممن تُطلب رخصة.</translation>
        </message>
        <message>
            <source>Wide</source>
            <translation>عرضية</translation>
        </message>
        <message>
            <source>Wide only</source>
            <translation>العرضية فقط</translation>
        </message>
        <message>
            <source>Width</source>
            <translation>العرض</translation>
        </message>
        <message>
            <source>Width to height, such as 1:1 or 4:5.</source>
            <translation>العرض إلى الارتفاع، مثل ⁦1:1⁩ أو ⁦4:5⁩.</translation>
        </message>
        <message>
            <source>Width to height, such as 4:5 or 1.5.</source>
            <translation>العرض إلى الارتفاع، مثل ⁦4:5⁩ أو 1.5.</translation>
        </message>
        <message>
            <source>Width to height, such as 7:5 or 1.85.</source>
            <translation>العرض إلى الارتفاع، مثل ⁦7:5⁩ أو 1.85.</translation>
        </message>
        <message>
            <source>With</source>
            <translation>مع</translation>
        </message>
        <message>
            <source>With --merge: for other programs to read</source>
            <translation>مع --merge: لتقرأه برامج أخرى</translation>
        </message>
        <message>
            <source>With a ratio the width is the least; two sides then grow alike.</source>
            <translation>مع نسبة يكون العرض أقل ما يكون؛ ويكبر جانبان عندئذ معًا.</translation>
        </message>
        <message>
            <source>With downloads</source>
            <translation>مع التنزيل</translation>
        </message>
        <message>
            <source>With one of these keywords</source>
            <translation>فيها إحدى هذه الكلمات المفتاحية</translation>
        </message>
        <message>
            <source>Without colour</source>
            <translation>بلا لون</translation>
        </message>
        <message>
            <source>Without loss</source>
            <translation>بلا فقد</translation>
        </message>
        <message>
            <source>Without loss makes files several times as large.</source>
            <translation>بلا فقد يصنع ملفات أكبر أضعافًا.</translation>
        </message>
        <message>
            <source>Without loss; transparency, 8 or 16 bits.</source>
            <translation>بلا فقد؛ شفافية، 8 أو 16 بت.</translation>
        </message>
        <message>
            <source>Without these keywords</source>
            <translation>من غير هذه الكلمات المفتاحية</translation>
        </message>
        <message>
            <source>Words</source>
            <translation>كلمات</translation>
        </message>
        <message>
            <source>Words in the outermost mat, with what the picture tells of itself.</source>
            <translation>كلمات في الحاشية الخارجية، مع ما تقوله الصورة عن نفسها.</translation>
        </message>
        <message>
            <source>Words that are too long go on in a second and third line, before they are made smaller.</source>
            <translation>الكلمات الطويلة تمضي في سطر ثان وثالث قبل أن تُصغّر.</translation>
        </message>
        <message>
            <source>Write ./{file} for the file, or -- before the paths</source>
            <translation>اكتب ./⁨{file}⁩ للملف، أو -- قبل المسارات</translation>
        </message>
        <message>
            <source>Write in the mat</source>
            <translation>اكتب في الحاشية</translation>
        </message>
        <message>
            <source>Write it as in 2026-05-01, 2026-05 or 2026</source>
            <translation>اكتبه مثل 2026-05-01 أو 2026-05 أو 2026</translation>
        </message>
        <message>
            <source>Write it where the delivery says that it is</source>
            <translation>اكتبها حيث يقول التسليم إنها هناك</translation>
        </message>
        <message>
            <source>Write it without ..</source>
            <translation>اكتبه من غير ..</translation>
        </message>
        <message>
            <source>Write its ledger as far as it came, and forget it</source>
            <translation>اكتب دفتره إلى حيث بلغ ثم انسه</translation>
        </message>
        <message>
            <source>Write station.setting=value</source>
            <translation>اكتب station.setting=value</translation>
        </message>
        <message>
            <source>Write this rights sheet instead: a sheet file, an XMP file, or one of the library</source>
            <translation>اكتب ورقة الحقوق هذه بدلًا منها: ملف ورقة أو ملف XMP أو ورقة من المكتبة</translation>
        </message>
        <message>
            <source>Write this sheet</source>
            <translation>اكتب هذه الورقة</translation>
        </message>
        <message>
            <source>Write what was found: a file ending in .pdf or .html; must not exist</source>
            <translation>اكتب ما وُجد: ملف ينتهي بـ .pdf أو .html؛ يجب ألا يكون موجودًا</translation>
        </message>
        <message>
            <source>XMP: a packet that is not well-formed</source>
            <translation>XMP: حزمة غير سليمة البنية</translation>
        </message>
        <message>
            <source>XMP: nested too deep</source>
            <translation>XMP: تداخل عميق جدًا</translation>
        </message>
        <message>
            <source>Year</source>
            <translation>السنة</translation>
        </message>
        <message>
            <source>Your libraries of seals, borders, rights sheets and deliveries</source>
            <translation>مكتباتك من الأختام والأطر وأوراق الحقوق والتسليمات</translation>
        </message>
        <message>
            <source>Your name</source>
            <translation>اسمك</translation>
        </message>
        <message>
            <source>Your own address, as the server knows it.</source>
            <translation>عنوانك أنت كما يعرفه الخادم.</translation>
        </message>
        <message>
            <source>Your web address, as it is read: {studio_link}.</source>
            <translation>عنوانك على الويب كما يُقرأ: ⁨{studio_link}⁩.</translation>
        </message>
        <message>
            <source>ZIP</source>
            <translation>ZIP</translation>
        </message>
        <message>
            <source>Zeros are put in front: 3 makes 007.</source>
            <translation>توضع أصفار في الأمام: 3 يصنع 007.</translation>
        </message>
        <message>
            <source>a PDF: its pages are taken only when it is given itself</source>
            <translation>ملف PDF: لا تؤخذ صفحاته إلا حين يُعطى بنفسه</translation>
        </message>
        <message>
            <source>a border</source>
            <translation>إطار</translation>
        </message>
        <message>
            <source>a camera raw file of a camera that is not known</source>
            <translation>ملف خام لكاميرا غير معروفة</translation>
        </message>
        <message>
            <source>a colour profile could not be made</source>
            <translation>تعذّر صنع ملف ألوان</translation>
        </message>
        <message>
            <source>a colour written #rrggbb</source>
            <translation>لون مكتوب هكذا ‎#rrggbb</translation>
        </message>
        <message>
            <source>a command has to be named</source>
            <translation>يجب ذكر أمر</translation>
        </message>
        <message>
            <source>a copy in the plan belongs to nothing</source>
            <translation>نسخة في الخطة لا تنتمي إلى شيء</translation>
        </message>
        <message>
            <source>a copy in the plan has a format its delivery does not make</source>
            <translation>لنسخة في الخطة صيغة لا يصنعها تسليمها</translation>
        </message>
        <message>
            <source>a copy of {original} for "{delivery}"</source>
            <translation>نسخة من ⁨{original}⁩ لـ «⁨{delivery}⁩»</translation>
        </message>
        <message>
            <source>a copy that Keep Seal made: it is no original</source>
            <translation>نسخة صنعها Keep Seal: ليست أصلًا</translation>
        </message>
        <message>
            <source>a delivery of last time can't be read: {happened}</source>
            <translation>لا تمكن قراءة تسليم من المرة الماضية: ⁨{happened}⁩</translation>
        </message>
        <message>
            <source>a document ({subject})</source>
            <translation>مستند (⁨{subject}⁩)</translation>
        </message>
        <message>
            <source>a fact</source>
            <translation>واقعة</translation>
        </message>
        <message>
            <source>a file of that name is there already</source>
            <translation>يوجد هناك ملف بهذا الاسم</translation>
        </message>
        <message>
            <source>a file that it uses (a logo, a profile) is not here as it was when the plan was saved</source>
            <translation>ملف يُستعمل (شعار أو ملف ألوان) ليس هنا كما كان حين حُفظت الخطة</translation>
        </message>
        <message>
            <source>a kept job can't be read: {happened}</source>
            <translation>لا تمكن قراءة مهمة محفوظة: ⁨{happened}⁩</translation>
        </message>
        <message>
            <source>a link that leads nowhere</source>
            <translation>رابط لا يقود إلى مكان</translation>
        </message>
        <message>
            <source>a link to a folder: it is not followed</source>
            <translation>رابط إلى مجلد: لا يُتبع</translation>
        </message>
        <message>
            <source>a link: it is not followed, name what it leads to</source>
            <translation>رابط: لا يُتبع، اذكر ما يؤدي إليه</translation>
        </message>
        <message>
            <source>a name with control characters is not sent</source>
            <translation>لا يُرسل اسم فيه محارف تحكم</translation>
        </message>
        <message>
            <source>a number from {least} to {most}</source>
            <translation>عدد من ⁨{least}⁩ إلى ⁨{most}⁩</translation>
        </message>
        <message>
            <source>a number from {least} to {most} {unit}</source>
            <translation>عدد من ⁨{least}⁩ إلى ⁨{most}⁩ ⁨{unit}⁩</translation>
        </message>
        <message>
            <source>a picture ({subject}) in a format that is not read</source>
            <translation>صورة (⁨{subject}⁩) بصيغة لا تُقرأ</translation>
        </message>
        <message>
            <source>a quoted cell never ends</source>
            <translation>خلية بين علامتي اقتباس لا تنتهي</translation>
        </message>
        <message>
            <source>a ratio of width to height such as 4:5 or 1.85, from 1:50 to 50:1</source>
            <translation>نسبة العرض إلى الارتفاع مثل ⁦4:5⁩ أو 1.85، من ⁦1:50⁩ إلى ⁦50:1⁩</translation>
        </message>
        <message>
            <source>a report is a PDF or an HTML page</source>
            <translation>التقرير PDF أو صفحة HTML</translation>
        </message>
        <message>
            <source>a report is of one picture</source>
            <translation>التقرير عن صورة واحدة</translation>
        </message>
        <message>
            <source>a ring has no such setting</source>
            <translation>ليس للحلقة إعداد كهذا</translation>
        </message>
        <message>
            <source>a run that did not come to its end keeps its own journal: {file} (see 'resume --give-up')</source>
            <translation>تشغيل لم يبلغ نهايته يحتفظ بيوميته: ⁨{file}⁩ (انظر resume --give-up)</translation>
        </message>
        <message>
            <source>a saved plan has its own pictures, deliveries and folders</source>
            <translation>للخطة المحفوظة صورها وتسليماتها ومجلداتها</translation>
        </message>
        <message>
            <source>a seal is saved as .png or .svg</source>
            <translation>يُحفظ الختم ‎.png أو ‎.svg</translation>
        </message>
        <message>
            <source>a video or a sound</source>
            <translation>مقطع مصور أو صوت</translation>
        </message>
        <message>
            <source>a whole number from {least} to {most}</source>
            <translation>عدد صحيح من ⁨{least}⁩ إلى ⁨{most}⁩</translation>
        </message>
        <message>
            <source>a whole number from {least} to {most} {unit}</source>
            <translation>عدد صحيح من ⁨{least}⁩ إلى ⁨{most}⁩ ⁨{unit}⁩</translation>
        </message>
        <message>
            <source>a worker's answer made no sense</source>
            <translation>لم يكن لجواب عملية القراءة معنى</translation>
        </message>
        <message>
            <source>a worker's pixels are not as many as it said</source>
            <translation>بكسلات عملية القراءة ليست بالعدد الذي قالته</translation>
        </message>
        <message>
            <source>address</source>
            <translation>العنوان</translation>
        </message>
        <message>
            <source>addresses, parted by commas</source>
            <translation>عناوين تفصل بينها فواصل</translation>
        </message>
        <message>
            <source>again at {day}</source>
            <translation>ثانيةً في ⁨{day}⁩</translation>
        </message>
        <message>
            <source>album by {kind} to {server}</source>
            <translation>ألبوم عبر ⁨{kind}⁩ إلى ⁨{server}⁩</translation>
        </message>
        <message>
            <source>all of it was handed over, and the server did not answer; it may have arrived, as &lt;{id}&gt;</source>
            <translation>سُلّمت كلها ولم يجب الخادم؛ ربما وصلت، باسم &lt;⁨{id}⁩&gt;</translation>
        </message>
        <message>
            <source>already there</source>
            <translation>موجودة من قبل</translation>
        </message>
        <message>
            <source>already there: {original}</source>
            <translation>موجودة من قبل: ⁨{original}⁩</translation>
        </message>
        <message>
            <source>alt text</source>
            <translation>النص البديل</translation>
        </message>
        <message>
            <source>always</source>
            <translation>دائمًا</translation>
        </message>
        <message>
            <source>among the originals</source>
            <translation>بين الأصول</translation>
        </message>
        <message>
            <source>among the originals a copy needs another name: nothing is added to it</source>
            <translation>تحتاج النسخة بين الأصول إلى اسم آخر: لا شيء أضيف إليه</translation>
        </message>
        <message>
            <source>among the originals: nothing is added to the name yet</source>
            <translation>بين الأصول: لم يُضف شيء إلى الاسم بعد</translation>
        </message>
        <message>
            <source>an XMP file without its picture</source>
            <translation>ملف XMP من غير صورته</translation>
        </message>
        <message>
            <source>an XMP file: it is read with its picture</source>
            <translation>ملف XMP: يُقرأ مع صورته</translation>
        </message>
        <message>
            <source>an earlier copy of Keep Seal's is replaced</source>
            <translation>تُستبدل نسخة سابقة لـ Keep Seal</translation>
        </message>
        <message>
            <source>an existing creator holds</source>
            <translation>في المنشئ الموجود</translation>
        </message>
        <message>
            <source>an original</source>
            <translation>أصل</translation>
        </message>
        <message>
            <source>another Keep Seal is sending</source>
            <translation>هناك Keep Seal آخر يرسل</translation>
        </message>
        <message>
            <source>another copy of this run has the plain name</source>
            <translation>نسخة أخرى من هذا التشغيل لها الاسم البسيط</translation>
        </message>
        <message>
            <source>another run is writing there now</source>
            <translation>تشغيل آخر يكتب هناك الآن</translation>
        </message>
        <message>
            <source>any</source>
            <translation>أي</translation>
        </message>
        <message>
            <source>anything else</source>
            <translation>أي شيء آخر</translation>
        </message>
        <message>
            <source>as designed: dark version, contrast {contrast} : 1</source>
            <translation>كما صُمّم: النسخة الداكنة، التباين ⁨{contrast}⁩ : 1</translation>
        </message>
        <message>
            <source>as designed: light version, contrast {contrast} : 1</source>
            <translation>كما صُمّم: النسخة الفاتحة، التباين ⁨{contrast}⁩ : 1</translation>
        </message>
        <message>
            <source>as shot, set upright</source>
            <translation>كما التُقطت، مُقامة</translation>
        </message>
        <message>
            <source>as small as unseen</source>
            <translation>بأصغر حجم لا يُرى فرقه</translation>
        </message>
        <message>
            <source>at most {bytes}</source>
            <translation>⁨{bytes}⁩ على الأكثر</translation>
        </message>
        <message numerus="yes">
            <source>begun {day}, {made} of {n} copies made</source>
            <translation>
                <numerusform>بدأ ⁨{day}⁩، صُنع ⁨{made}⁩ من {n} من النسخ</numerusform>
                <numerusform>بدأ ⁨{day}⁩، صُنع ⁨{made}⁩ من {n} من النسخ</numerusform>
                <numerusform>بدأ ⁨{day}⁩، صُنع ⁨{made}⁩ من {n} من النسخ</numerusform>
                <numerusform>بدأ ⁨{day}⁩، صُنع ⁨{made}⁩ من {n} من النسخ</numerusform>
                <numerusform>بدأ ⁨{day}⁩، صُنع ⁨{made}⁩ من {n} من النسخ</numerusform>
                <numerusform>بدأ ⁨{day}⁩، صُنع ⁨{made}⁩ من {n} من النسخ</numerusform>
            </translation>
        </message>
        <message>
            <source>beside, in {folder}</source>
            <translation>إلى جانبها، في ⁨{folder}⁩</translation>
        </message>
        <message>
            <source>bottom</source>
            <translation>أسفل</translation>
        </message>
        <message>
            <source>bottom left</source>
            <translation>أسفل اليسار</translation>
        </message>
        <message>
            <source>bottom right</source>
            <translation>أسفل اليمين</translation>
        </message>
        <message>
            <source>boxes nested too deep</source>
            <translation>صناديق متداخلة بعمق زائد</translation>
        </message>
        <message>
            <source>bytes</source>
            <translation>بايت</translation>
        </message>
        <message>
            <source>camera</source>
            <translation>الكاميرا</translation>
        </message>
        <message>
            <source>camera and exposure</source>
            <translation>الكاميرا والتعريض</translation>
        </message>
        <message>
            <source>can't be read any more</source>
            <translation>لم تعد تُقرأ</translation>
        </message>
        <message>
            <source>caption</source>
            <translation>تعليق</translation>
        </message>
        <message>
            <source>centre</source>
            <translation>الوسط</translation>
        </message>
        <message>
            <source>changed</source>
            <translation>متغيّر</translation>
        </message>
        <message>
            <source>changed to: {text}</source>
            <translation>تغيّرت إلى: ⁨{text}⁩</translation>
        </message>
        <message>
            <source>characters of the caption that are in none of the typefaces: {count}</source>
            <translation>محارف في التعليق ليست في أي خط: ⁨{count}⁩</translation>
        </message>
        <message>
            <source>characters of the seal that are in none of the typefaces: {count}</source>
            <translation>محارف في الختم ليست في أي خط: ⁨{count}⁩</translation>
        </message>
        <message>
            <source>city</source>
            <translation>المدينة</translation>
        </message>
        <message>
            <source>cm</source>
            <translation>سم</translation>
        </message>
        <message>
            <source>contact</source>
            <translation>الاتصال</translation>
        </message>
        <message>
            <source>contact details</source>
            <translation>بيانات الاتصال</translation>
        </message>
        <message>
            <source>coordinates stand in {where}</source>
            <translation>توجد إحداثيات في «⁨{where}⁩»</translation>
        </message>
        <message>
            <source>copyright notice</source>
            <translation>إشعار حقوق النشر</translation>
        </message>
        <message>
            <source>copyright owner</source>
            <translation>مالك حقوق النشر</translation>
        </message>
        <message>
            <source>copyright status</source>
            <translation>حالة حقوق النشر</translation>
        </message>
        <message>
            <source>count</source>
            <translation>count</translation>
        </message>
        <message>
            <source>country</source>
            <translation>البلد</translation>
        </message>
        <message>
            <source>country code</source>
            <translation>رمز البلد</translation>
        </message>
        <message>
            <source>covers what seems to be the subject</source>
            <translation>يغطي ما يبدو أنه الموضوع</translation>
        </message>
        <message>
            <source>creator</source>
            <translation>المنشئ</translation>
        </message>
        <message>
            <source>creator's job title</source>
            <translation>المسمى الوظيفي للمنشئ</translation>
        </message>
        <message>
            <source>credit line</source>
            <translation>سطر النسبة</translation>
        </message>
        <message>
            <source>cropped by hand</source>
            <translation>اقتُصّت يدويًا</translation>
        </message>
        <message>
            <source>cropped to {shape}</source>
            <translation>اقتُصّت إلى ⁨{shape}⁩</translation>
        </message>
        <message>
            <source>cropped {size}</source>
            <translation>مقصوصة ⁨{size}⁩</translation>
        </message>
        <message>
            <source>dark version</source>
            <translation>النسخة الداكنة</translation>
        </message>
        <message>
            <source>data mining</source>
            <translation>التنقيب في البيانات</translation>
        </message>
        <message>
            <source>date</source>
            <translation>التاريخ</translation>
        </message>
        <message>
            <source>date taken</source>
            <translation>تاريخ الالتقاط</translation>
        </message>
        <message>
            <source>decoding it takes about {bytes} of memory, and one picture may have {most} of this machine's</source>
            <translation>تحتاج قراءتها إلى نحو ⁨{bytes}⁩ من الذاكرة، وللصورة الواحدة ⁨{most}⁩ من ذاكرة هذا الجهاز</translation>
        </message>
        <message>
            <source>delivered all the same</source>
            <translation>سُلّمت رغم ذلك</translation>
        </message>
        <message>
            <source>description</source>
            <translation>الوصف</translation>
        </message>
        <message>
            <source>developed from the camera's raw data, with the camera's white balance</source>
            <translation>أُظهرت من بيانات الكاميرا الخام، بتوازن أبيض الكاميرا</translation>
        </message>
        <message>
            <source>digital source type</source>
            <translation>نوع المصدر الرقمي</translation>
        </message>
        <message>
            <source>e-mail</source>
            <translation>البريد الإلكتروني</translation>
        </message>
        <message>
            <source>easily cropped away</source>
            <translation>يُقتص بسهولة</translation>
        </message>
        <message>
            <source>editing history</source>
            <translation>تاريخ التحرير</translation>
        </message>
        <message>
            <source>embedded previews</source>
            <translation>المعاينات المضمّنة</translation>
        </message>
        <message>
            <source>empty</source>
            <translation>فارغ</translation>
        </message>
        <message>
            <source>encoded anew with the quality of its delivery: {why}</source>
            <translation>رُمّزت من جديد بجودة تسليمها: ⁨{why}⁩</translation>
        </message>
        <message>
            <source>event</source>
            <translation>الحدث</translation>
        </message>
        <message>
            <source>every picture</source>
            <translation>كل الصور</translation>
        </message>
        <message>
            <source>extended description</source>
            <translation>الوصف الموسّع</translation>
        </message>
        <message>
            <source>fast marching</source>
            <translation>المسير السريع</translation>
        </message>
        <message>
            <source>fewer crops lose it there</source>
            <translation>هناك تفقده اقتصاصات أقل</translation>
        </message>
        <message>
            <source>fitted {size}</source>
            <translation>محجّمة ⁨{size}⁩</translation>
        </message>
        <message>
            <source>foreign</source>
            <translation>غريب</translation>
        </message>
        <message>
            <source>full size</source>
            <translation>الحجم الكامل</translation>
        </message>
        <message>
            <source>gone</source>
            <translation>زالت</translation>
        </message>
        <message>
            <source>grain</source>
            <translation>حبيبات</translation>
        </message>
        <message>
            <source>grey</source>
            <translation>رمادي</translation>
        </message>
        <message>
            <source>greyscale</source>
            <translation>تدرج رمادي</translation>
        </message>
        <message>
            <source>hard to read</source>
            <translation>صعب القراءة</translation>
        </message>
        <message>
            <source>headline</source>
            <translation>العنوان الرئيسي</translation>
        </message>
        <message>
            <source>held</source>
            <translation>محتجزة</translation>
        </message>
        <message>
            <source>held back</source>
            <translation>محجوزة</translation>
        </message>
        <message>
            <source>held back: {original} for "{delivery}"</source>
            <translation>محجوزة: ⁨{original}⁩ لـ «⁨{delivery}⁩»</translation>
        </message>
        <message>
            <source>held back: {original}: {sentence}</source>
            <translation>محجوزة: ⁨{original}⁩: ⁨{sentence}⁩</translation>
        </message>
        <message>
            <source>hidden: its name begins with a dot</source>
            <translation>مخفي: يبدأ اسمه بنقطة</translation>
        </message>
        <message>
            <source>holds the copy back</source>
            <translation>يحجب النسخة</translation>
        </message>
        <message>
            <source>if {what} {text}</source>
            <translation>إذا ⁨{what}⁩ ⁨{text}⁩</translation>
        </message>
        <message>
            <source>image resources: no block where one should be</source>
            <translation>موارد الصورة: لا توجد كتلة حيث ينبغي أن تكون</translation>
        </message>
        <message>
            <source>in</source>
            <translation>بوصة</translation>
        </message>
        <message>
            <source>in a letter to {place}, {when}</source>
            <translation>في رسالة إلى ⁨{place}⁩، ⁨{when}⁩</translation>
        </message>
        <message>
            <source>in grey</source>
            <translation>بالرمادي</translation>
        </message>
        <message>
            <source>inside {box}</source>
            <translation>داخل ⁨{box}⁩</translation>
        </message>
        <message>
            <source>instructions</source>
            <translation>التعليمات</translation>
        </message>
        <message>
            <source>it can't be read</source>
            <translation>لا تمكن قراءتها</translation>
        </message>
        <message>
            <source>it can't be read: {happened}</source>
            <translation>لا تمكن قراءتها: ⁨{happened}⁩</translation>
        </message>
        <message>
            <source>it can't be set aside: {reason}</source>
            <translation>تعذّر وضعه جانبًا: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>it can't be written: {reason}</source>
            <translation>تعذّرت كتابته: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>it covers less of the subject there</source>
            <translation>هناك يغطي من الموضوع أقل</translation>
        </message>
        <message>
            <source>it declares entities</source>
            <translation>يعرّف كيانات</translation>
        </message>
        <message>
            <source>it exists already</source>
            <translation>هو موجود من قبل</translation>
        </message>
        <message>
            <source>it goes among the originals: {subject} gets a new file</source>
            <translation>تذهب بين الأصول: يأخذ ⁨{subject}⁩ ملفًا جديدًا</translation>
        </message>
        <message>
            <source>it has a gain map for bright screens: it is left out, and the copy is the plain picture</source>
            <translation>فيها خريطة كسب للشاشات الساطعة: تُترك، والنسخة هي الصورة العادية</translation>
        </message>
        <message>
            <source>it has another key than the accepted one: {hostKey}</source>
            <translation>له مفتاح غير المقبول: ⁨{hostKey}⁩</translation>
        </message>
        <message>
            <source>it has more than 50,000 elements</source>
            <translation>فيه أكثر من 50000 عنصر</translation>
        </message>
        <message>
            <source>it has no seal</source>
            <translation>ليس له ختم</translation>
        </message>
        <message>
            <source>it has none of the delivery's keywords ({keywords})</source>
            <translation>ليس فيها شيء من كلمات التسليم المفتاحية (⁨{keywords}⁩)</translation>
        </message>
        <message>
            <source>it has the keyword</source>
            <translation>فيها الكلمة المفتاحية</translation>
        </message>
        <message>
            <source>it has {count} pictures and none of those asked for ({subject})</source>
            <translation>فيها ⁨{count}⁩ صور وليس بينها شيء من المطلوب (⁨{subject}⁩)</translation>
        </message>
        <message>
            <source>it holds "{name}"</source>
            <translation>فيه «⁨{name}⁩»</translation>
        </message>
        <message>
            <source>it holds "{name}", which leads out of it</source>
            <translation>فيه «⁨{name}⁩» وهو يقود إلى خارجه</translation>
        </message>
        <message>
            <source>it holds a damaged picture</source>
            <translation>فيه صورة تالفة</translation>
        </message>
        <message>
            <source>it holds a picture in a form that is not read</source>
            <translation>فيه صورة بشكل لا يُقرأ</translation>
        </message>
        <message>
            <source>it holds a picture of more than 16 megapixels</source>
            <translation>فيه صورة تزيد على 16 ميغابكسل</translation>
        </message>
        <message>
            <source>it holds a script ("{name}")</source>
            <translation>فيه برنامج نصي («⁨{name}⁩»)</translation>
        </message>
        <message>
            <source>it holds more than {most} files</source>
            <translation>فيه أكثر من ⁨{most}⁩ ملف</translation>
        </message>
        <message>
            <source>it is CMYK without a colour profile: a common one was taken</source>
            <translation>هي CMYK بلا ملف ألوان: أُخذ ملف شائع</translation>
        </message>
        <message>
            <source>it is being read</source>
            <translation>قيد القراءة</translation>
        </message>
        <message>
            <source>it is damaged</source>
            <translation>إنه تالف</translation>
        </message>
        <message>
            <source>it is easier to read there</source>
            <translation>هناك تسهل قراءته</translation>
        </message>
        <message>
            <source>it is larger than a letter may be</source>
            <translation>أكبر مما يجوز في رسالة</translation>
        </message>
        <message>
            <source>it is not read: {what}</source>
            <translation>لا يُقرأ: ⁨{what}⁩</translation>
        </message>
        <message>
            <source>it is not whole</source>
            <translation>ليست كاملة</translation>
        </message>
        <message>
            <source>it is too long for an XMP file</source>
            <translation>أطول مما يسعه ملف XMP</translation>
        </message>
        <message>
            <source>it is turned upright</source>
            <translation>تُقام الصورة</translation>
        </message>
        <message>
            <source>it needs a ledger and --output or --album, or --merge</source>
            <translation>يلزم دفتر مع --output أو --album، أو --merge</translation>
        </message>
        <message>
            <source>it refers to something outside itself ("{text}")</source>
            <translation>يشير إلى شيء خارجه («⁨{text}⁩»)</translation>
        </message>
        <message>
            <source>it repeats its own parts without end</source>
            <translation>يكرر أجزاءه بلا نهاية</translation>
        </message>
        <message>
            <source>it stands in the file's bytes</source>
            <translation>موجود في بايتات الملف</translation>
        </message>
        <message>
            <source>it was being handed over when the line or this program ended; it may have arrived, as {sentAs}</source>
            <translation>كانت تُسلّم حين انقطع الخط أو انتهى هذا البرنامج؛ ربما وصلت، باسم ⁨{sentAs}⁩</translation>
        </message>
        <message>
            <source>it was changed since it was made</source>
            <translation>تغيّرت منذ صُنعت</translation>
        </message>
        <message>
            <source>it was planned by version {program}, and this is {current}</source>
            <translation>خُططت بالإصدار ⁨{program}⁩، وهذا ⁨{current}⁩</translation>
        </message>
        <message>
            <source>it was saved by a newer Keep Seal (version {version}, this one reads up to {newest})</source>
            <translation>حفظه Keep Seal أحدث (الإصدار ⁨{version}⁩، وهذا يقرأ حتى ⁨{newest}⁩)</translation>
        </message>
        <message>
            <source>it was stopped</source>
            <translation>أُوقف</translation>
        </message>
        <message>
            <source>it was stopped; no album was made</source>
            <translation>أُوقف؛ لم يُصنع ألبوم</translation>
        </message>
        <message>
            <source>it was stopped; the album goes on later</source>
            <translation>أُوقف؛ يُتابع الألبوم لاحقًا</translation>
        </message>
        <message>
            <source>it was taken from</source>
            <translation>التُقطت ابتداءً من</translation>
        </message>
        <message>
            <source>it was taken up to</source>
            <translation>التُقطت حتى</translation>
        </message>
        <message>
            <source>it would be drawn at {size} pixels</source>
            <translation>سيُرسم بمقدار ⁨{size}⁩ بكسل</translation>
        </message>
        <message>
            <source>its JPEG is of a rare kind</source>
            <translation>ملف JPEG منها من نوع نادر</translation>
        </message>
        <message>
            <source>its blocks can't be coded so</source>
            <translation>لا يمكن ترميز كتله هكذا</translation>
        </message>
        <message>
            <source>its colour profile can't be used and was set aside</source>
            <translation>ملف ألوانها غير صالح فوُضع جانبًا</translation>
        </message>
        <message>
            <source>its colours are converted</source>
            <translation>تُحوّل ألوانها</translation>
        </message>
        <message>
            <source>its colours are converted from its own profile</source>
            <translation>تُحوّل ألوانها من ملف ألوانها</translation>
        </message>
        <message>
            <source>its elements lie more than 64 deep</source>
            <translation>عناصره أعمق من 64</translation>
        </message>
        <message>
            <source>its file name fits</source>
            <translation>اسم ملفها يطابق</translation>
        </message>
        <message>
            <source>its finish changes all of it</source>
            <translation>إنهاؤها يغيّرها كلها</translation>
        </message>
        <message>
            <source>its folder fits</source>
            <translation>مجلدها يطابق</translation>
        </message>
        <message>
            <source>its key was not accepted yet; it has {hostKey}</source>
            <translation>لم يُقبل مفتاحه بعد؛ ومفتاحه ⁨{hostKey}⁩</translation>
        </message>
        <message>
            <source>its mark covers too much of it</source>
            <translation>علامتها تغطي منها أكثر من اللازم</translation>
        </message>
        <message>
            <source>its name is that of a picture, and it holds none</source>
            <translation>اسمه اسم صورة وليس فيه صورة</translation>
        </message>
        <message>
            <source>its password can't be read: {problem}</source>
            <translation>تعذّرت قراءة كلمة مروره: ⁨{problem}⁩</translation>
        </message>
        <message>
            <source>its rating</source>
            <translation>تقييمها</translation>
        </message>
        <message>
            <source>its rating is at least</source>
            <translation>تقييمها على الأقل</translation>
        </message>
        <message>
            <source>its rating, 0 to 5</source>
            <translation>تقييمها، من 0 إلى 5</translation>
        </message>
        <message>
            <source>its seal is all over it</source>
            <translation>ختمها يغطيها كلها</translation>
        </message>
        <message>
            <source>its shape is</source>
            <translation>شكلها</translation>
        </message>
        <message>
            <source>its size in pixels</source>
            <translation>حجمها بالبكسل</translation>
        </message>
        <message>
            <source>its style is damaged</source>
            <translation>نمطه تالف</translation>
        </message>
        <message>
            <source>its style lies in another file</source>
            <translation>نمطه في ملف آخر</translation>
        </message>
        <message>
            <source>its style reads another file</source>
            <translation>نمطه يقرأ ملفًا آخر</translation>
        </message>
        <message>
            <source>its texts hold {letters} letters</source>
            <translation>في نصوصه ⁨{letters}⁩ حرفًا</translation>
        </message>
        <message>
            <source>its words come to more than {letters} letters on this picture</source>
            <translation>تزيد كلماته على هذه الصورة على ⁨{letters}⁩ حرف</translation>
        </message>
        <message>
            <source>its {format} has only {size} pixels, to keep within {most}</source>
            <translation>في ⁨{format}⁩ منها ⁨{size}⁩ بكسل فقط، للبقاء ضمن ⁨{most}⁩</translation>
        </message>
        <message>
            <source>its {format} needs {needs}, and at most {most} are asked for</source>
            <translation>تحتاج ⁨{format}⁩ منها إلى ⁨{needs}⁩، والمطلوب ⁨{most}⁩ على الأكثر</translation>
        </message>
        <message>
            <source>its {what} "{name}" is not in it</source>
            <translation>⁨{what}⁩ «⁨{name}⁩» ليس فيه</translation>
        </message>
        <message>
            <source>job identifier</source>
            <translation>معرّف العمل</translation>
        </message>
        <message>
            <source>kB</source>
            <translation>ك.ب</translation>
        </message>
        <message>
            <source>keep-seal-cli report LEDGER -o sheet.pdf</source>
            <translation>keep-seal-cli report LEDGER -o sheet.pdf</translation>
        </message>
        <message>
            <source>keywords</source>
            <translation>الكلمات المفتاحية</translation>
        </message>
        <message>
            <source>left</source>
            <translation>يسار</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>متروكة</translation>
        </message>
        <message>
            <source>left out by hand</source>
            <translation>تُركت يدويًا</translation>
        </message>
        <message>
            <source>left out: {original}</source>
            <translation>متروكة: ⁨{original}⁩</translation>
        </message>
        <message>
            <source>letter to {who}</source>
            <translation>رسالة إلى ⁨{who}⁩</translation>
        </message>
        <message>
            <source>levels</source>
            <translation>الدرجات</translation>
        </message>
        <message>
            <source>libcurl on this machine can't do it: {reason}</source>
            <translation>‏libcurl على هذا الجهاز لا يستطيع ذلك: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>libvips did not start: {reason}</source>
            <translation>لم يبدأ libvips: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>licensor</source>
            <translation>المرخِّص</translation>
        </message>
        <message>
            <source>licensor's e-mail</source>
            <translation>بريد المرخِّص</translation>
        </message>
        <message>
            <source>licensor's phone</source>
            <translation>هاتف المرخِّص</translation>
        </message>
        <message>
            <source>licensor's web page</source>
            <translation>صفحة المرخِّص</translation>
        </message>
        <message>
            <source>light version</source>
            <translation>النسخة الفاتحة</translation>
        </message>
        <message>
            <source>location</source>
            <translation>مكان الالتقاط</translation>
        </message>
        <message>
            <source>location is to be kept, but nobody said so in words</source>
            <translation>يُراد إبقاء مكان الالتقاط ولم يقل أحد ذلك بالكلمات</translation>
        </message>
        <message>
            <source>logging in</source>
            <translation>الدخول</translation>
        </message>
        <message>
            <source>look: {folder} has only {bytes} left</source>
            <translation>للنظر: لم يبق في ⁨{folder}⁩ إلا ⁨{bytes}⁩</translation>
        </message>
        <message>
            <source>look: {sentence}</source>
            <translation>للنظر: ⁨{sentence}⁩</translation>
        </message>
        <message>
            <source>looking for a file there</source>
            <translation>البحث عن ملف هناك</translation>
        </message>
        <message>
            <source>made as {file}</source>
            <translation>صُنعت باسم ⁨{file}⁩</translation>
        </message>
        <message>
            <source>made by an earlier run and unchanged</source>
            <translation>صنعها تشغيل سابق ولم تتغيّر</translation>
        </message>
        <message>
            <source>make sealed, rights-labelled copies of pictures that tell no place</source>
            <translation>يصنع نسخًا من الصور مختومة موسومة بحقوقها لا تذكر مكانًا</translation>
        </message>
        <message>
            <source>mat of its own</source>
            <translation>حاشية خاصة</translation>
        </message>
        <message>
            <source>mat {width} %</source>
            <translation>حاشية ⁨{width}⁩ %</translation>
        </message>
        <message>
            <source>mat {width} % long</source>
            <translation>حاشية ⁨{width}⁩ % من الطويل</translation>
        </message>
        <message>
            <source>mat {width} mm</source>
            <translation>حاشية ⁨{width}⁩ مم</translation>
        </message>
        <message>
            <source>mat {width} px</source>
            <translation>حاشية ⁨{width}⁩ بكسل</translation>
        </message>
        <message>
            <source>metadata could not be packed</source>
            <translation>تعذّر حزم البيانات الوصفية</translation>
        </message>
        <message>
            <source>metadata does not fit into one JPEG segment</source>
            <translation>لا تسع البيانات الوصفية في مقطع JPEG واحد</translation>
        </message>
        <message>
            <source>mirrored</source>
            <translation>معكوسة</translation>
        </message>
        <message>
            <source>missing</source>
            <translation>مفقود</translation>
        </message>
        <message>
            <source>mm</source>
            <translation>مم</translation>
        </message>
        <message>
            <source>mm on paper</source>
            <translation>مم على الورق</translation>
        </message>
        <message>
            <source>more than 20000 pieces of metadata</source>
            <translation>أكثر من 20000 عنصر من البيانات الوصفية</translation>
        </message>
        <message>
            <source>more than 24 MB of texts and values</source>
            <translation>أكثر من 24 MB من النصوص والقيم</translation>
        </message>
        <message>
            <source>more than 64 MB of packed or structured text</source>
            <translation>أكثر من 64 MB من النصوص المضغوطة أو المهيكلة</translation>
        </message>
        <message>
            <source>more than a million entries</source>
            <translation>أكثر من مليون مدخلة</translation>
        </message>
        <message>
            <source>name</source>
            <translation>الاسم</translation>
        </message>
        <message>
            <source>no ICC profile is chosen yet</source>
            <translation>لم يُختر ملف ICC بعد</translation>
        </message>
        <message>
            <source>no address named yet</source>
            <translation>لم يُذكر عنوان بعد</translation>
        </message>
        <message>
            <source>no border</source>
            <translation>بلا إطار</translation>
        </message>
        <message>
            <source>no coefficients are read at that size</source>
            <translation>لا تُقرأ معاملات بهذا الحجم</translation>
        </message>
        <message>
            <source>no copy of {sentence}</source>
            <translation>لا نسخة من ⁨{sentence}⁩</translation>
        </message>
        <message>
            <source>no file but a {subject}</source>
            <translation>ليس ملفًا بل ⁨{subject}⁩</translation>
        </message>
        <message>
            <source>no file is chosen for the logo</source>
            <translation>لم يُختر ملف للشعار</translation>
        </message>
        <message>
            <source>no file that can be read</source>
            <translation>ليس ملفًا يمكن قراءته</translation>
        </message>
        <message>
            <source>no folder chosen yet</source>
            <translation>لم يُختر مجلد بعد</translation>
        </message>
        <message>
            <source>no folder named yet</source>
            <translation>لم يُذكر مجلد بعد</translation>
        </message>
        <message>
            <source>no format chosen</source>
            <translation>لم تُختر صيغة</translation>
        </message>
        <message>
            <source>no free name was found</source>
            <translation>لم يُعثر على اسم حر</translation>
        </message>
        <message>
            <source>no free name was found for {name}</source>
            <translation>لم يُعثر على اسم حر لأجل ⁨{name}⁩</translation>
        </message>
        <message>
            <source>no job can be kept there: {reason}</source>
            <translation>لا يمكن حفظ مهمة هناك: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>no limit</source>
            <translation>بلا حد</translation>
        </message>
        <message>
            <source>no rating</source>
            <translation>بلا تقييم</translation>
        </message>
        <message>
            <source>no rights written</source>
            <translation>لم تُكتب حقوق</translation>
        </message>
        <message>
            <source>no run was interrupted</source>
            <translation>لم ينقطع أي تشغيل</translation>
        </message>
        <message>
            <source>no seal</source>
            <translation>بلا ختم</translation>
        </message>
        <message>
            <source>no server named yet</source>
            <translation>لم يُذكر خادم بعد</translation>
        </message>
        <message>
            <source>no server of that name is found</source>
            <translation>لم يُعثر على خادم بهذا الاسم</translation>
        </message>
        <message>
            <source>no sheet written</source>
            <translation>لا تُكتب ورقة</translation>
        </message>
        <message>
            <source>no stated encoding in {subject}: read as Latin-1</source>
            <translation>لا ترميز مذكور في ⁨{subject}⁩: قُرئ Latin-1</translation>
        </message>
        <message>
            <source>nobody on this machine has said yet that copies may go there</source>
            <translation>لم يقل أحد على هذا الجهاز بعد إن النسخ يجوز أن تذهب إلى هناك</translation>
        </message>
        <message>
            <source>none</source>
            <translation>لا يوجد</translation>
        </message>
        <message>
            <source>not a picture that we read</source>
            <translation>ليست صورة نقرؤها</translation>
        </message>
        <message>
            <source>not filled in yet</source>
            <translation>لم تُملأ بعد</translation>
        </message>
        <message>
            <source>not known here: {words}</source>
            <translation>غير معروف هنا: ⁨{words}⁩</translation>
        </message>
        <message>
            <source>not looked at yet</source>
            <translation>لم يُنظر إليها بعد</translation>
        </message>
        <message>
            <source>not reached: {original}</source>
            <translation>لم يُبلغ: ⁨{original}⁩</translation>
        </message>
        <message>
            <source>not sent</source>
            <translation>لا تُرسل</translation>
        </message>
        <message>
            <source>not sent: {sentence}</source>
            <translation>لم تُرسل: ⁨{sentence}⁩</translation>
        </message>
        <message>
            <source>not {keywords}</source>
            <translation>ليس ⁨{keywords}⁩</translation>
        </message>
        <message>
            <source>note: {sentence}</source>
            <translation>ملاحظة: ⁨{sentence}⁩</translation>
        </message>
        <message>
            <source>nothing came of it for {seconds} seconds</source>
            <translation>لم يأت شيء مدة ⁨{seconds}⁩ ثانية</translation>
        </message>
        <message>
            <source>nothing can be told of it</source>
            <translation>لا يمكن قول شيء عنه</translation>
        </message>
        <message>
            <source>nothing changed</source>
            <translation>لم يتغيّر شيء</translation>
        </message>
        <message>
            <source>nothing is left to read of the caption</source>
            <translation>لا يبقى من التعليق ما يُقرأ</translation>
        </message>
        <message>
            <source>nothing is left to read of the seal's "{subject}"</source>
            <translation>لا يبقى من «⁨{subject}⁩» في الختم ما يُقرأ</translation>
        </message>
        <message>
            <source>nothing is named</source>
            <translation>لم يُذكر شيء</translation>
        </message>
        <message>
            <source>notice</source>
            <translation>الإشعار</translation>
        </message>
        <message>
            <source>nudged</source>
            <translation>مُزاح</translation>
        </message>
        <message>
            <source>numbers and spans from 1, such as 1-3, 5</source>
            <translation>أعداد ومديات من 1، مثل 1-3, 5</translation>
        </message>
        <message numerus="yes">
            <source>of {n} copies</source>
            <translation>
                <numerusform>من {n} من النسخ</numerusform>
                <numerusform>من {n} من النسخ</numerusform>
                <numerusform>من {n} من النسخ</numerusform>
                <numerusform>من {n} من النسخ</numerusform>
                <numerusform>من {n} من النسخ</numerusform>
                <numerusform>من {n} من النسخ</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>of {n} copies, about {bytes}</source>
            <translation>
                <numerusform>من {n} من النسخ، حوالي ⁨{bytes}⁩</numerusform>
                <numerusform>من {n} من النسخ، حوالي ⁨{bytes}⁩</numerusform>
                <numerusform>من {n} من النسخ، حوالي ⁨{bytes}⁩</numerusform>
                <numerusform>من {n} من النسخ، حوالي ⁨{bytes}⁩</numerusform>
                <numerusform>من {n} من النسخ، حوالي ⁨{bytes}⁩</numerusform>
                <numerusform>من {n} من النسخ، حوالي ⁨{bytes}⁩</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>of {n} ledgers</source>
            <translation>
                <numerusform>من الدفاتر ({n})</numerusform>
                <numerusform>من الدفاتر ({n})</numerusform>
                <numerusform>من الدفاتر ({n})</numerusform>
                <numerusform>من الدفاتر ({n})</numerusform>
                <numerusform>من الدفاتر ({n})</numerusform>
                <numerusform>من الدفاتر ({n})</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>of {n} pictures</source>
            <translation>
                <numerusform>من لا صور</numerusform>
                <numerusform>من صورة واحدة</numerusform>
                <numerusform>من صورتان</numerusform>
                <numerusform>من {n} صور</numerusform>
                <numerusform>من {n} صورة</numerusform>
                <numerusform>من {n} صورة</numerusform>
            </translation>
        </message>
        <message>
            <source>off</source>
            <translation>مطفأ</translation>
        </message>
        <message>
            <source>old rights</source>
            <translation>الحقوق القديمة</translation>
        </message>
        <message>
            <source>on</source>
            <translation>مشغّل</translation>
        </message>
        <message>
            <source>on plain ground, easily painted out</source>
            <translation>على أرضية سادة يسهل محوه منها</translation>
        </message>
        <message>
            <source>one address, as in anna@example.org</source>
            <translation>عنوان واحد، مثل anna@example.org</translation>
        </message>
        <message>
            <source>one line of text of at most {bytes} bytes</source>
            <translation>سطر واحد من النص لا يزيد على ⁨{bytes}⁩ بايت</translation>
        </message>
        <message>
            <source>one of {choices}</source>
            <translation>واحد من ⁨{choices}⁩</translation>
        </message>
        <message>
            <source>only the first {size} of the PDF were searched</source>
            <translation>لم يُبحث إلا في أول ⁨{size}⁩ من ملف PDF</translation>
        </message>
        <message>
            <source>only the first {size} of {all} were searched</source>
            <translation>لم يُبحث إلا في أول ⁨{size}⁩ من أصل ⁨{all}⁩</translation>
        </message>
        <message>
            <source>opacity {percent} %</source>
            <translation>العتامة ⁨{percent}⁩ %</translation>
        </message>
        <message>
            <source>or like</source>
            <translation>أو مثل</translation>
        </message>
        <message>
            <source>original's quality</source>
            <translation>جودة الأصل</translation>
        </message>
        <message>
            <source>originals of {made} byte for byte as they were</source>
            <translation>أصول ⁨{made}⁩ كما كانت، بايتًا ببايت</translation>
        </message>
        <message>
            <source>other constraints</source>
            <translation>قيود أخرى</translation>
        </message>
        <message>
            <source>own profile</source>
            <translation>ملفها نفسه</translation>
        </message>
        <message>
            <source>own ratio</source>
            <translation>نسبتها نفسها</translation>
        </message>
        <message>
            <source>packed metadata came out damaged</source>
            <translation>خرجت البيانات الوصفية المحزومة تالفة</translation>
        </message>
        <message>
            <source>padded to {ratio}</source>
            <translation>مُلئت إلى ⁨{ratio}⁩</translation>
        </message>
        <message>
            <source>parts that refer to each other again and again</source>
            <translation>أجزاء يحيل بعضها إلى بعض مرارًا وتكرارًا</translation>
        </message>
        <message numerus="yes">
            <source>pasting {n} cells</source>
            <translation>
                <numerusform>لصق لا خلايا</numerusform>
                <numerusform>لصق خلية واحدة</numerusform>
                <numerusform>لصق خليتان</numerusform>
                <numerusform>لصق {n} خلايا</numerusform>
                <numerusform>لصق {n} خلية</numerusform>
                <numerusform>لصق {n} خلية</numerusform>
            </translation>
        </message>
        <message>
            <source>persons shown</source>
            <translation>الأشخاص الظاهرون</translation>
        </message>
        <message>
            <source>phone</source>
            <translation>الهاتف</translation>
        </message>
        <message>
            <source>photographed from a screen</source>
            <translation>بتصويرها من شاشة</translation>
        </message>
        <message>
            <source>picture {page} of the {count} in the file</source>
            <translation>الصورة ⁨{page}⁩ من ⁨{count}⁩ في الملف</translation>
        </message>
        <message>
            <source>pictures {which}</source>
            <translation>الصور ⁨{which}⁩</translation>
        </message>
        <message>
            <source>place</source>
            <translation>المكان</translation>
        </message>
        <message>
            <source>place removed</source>
            <translation>أُزيل المكان</translation>
        </message>
        <message>
            <source>plain FTP is not used: nobody said that all may read along</source>
            <translation>لا يُستعمل FTP العادي: لم يقل أحد إن للكل أن يقرأ</translation>
        </message>
        <message>
            <source>points</source>
            <translation>نقطة</translation>
        </message>
        <message>
            <source>postal code</source>
            <translation>الرمز البريدي</translation>
        </message>
        <message>
            <source>problem: {sentence}</source>
            <translation>مشكلة: ⁨{sentence}⁩</translation>
        </message>
        <message>
            <source>province or state</source>
            <translation>المقاطعة أو الولاية</translation>
        </message>
        <message>
            <source>px</source>
            <translation>بكسل</translation>
        </message>
        <message>
            <source>px of the copy</source>
            <translation>بكسل من النسخة</translation>
        </message>
        <message>
            <source>px/in</source>
            <translation>بكسل/بوصة</translation>
        </message>
        <message>
            <source>quality {quality} keeps its {format} within {most}</source>
            <translation>الجودة ⁨{quality}⁩ تُبقي ⁨{format}⁩ منها ضمن ⁨{most}⁩</translation>
        </message>
        <message>
            <source>quality {quality} of its {format}: the difference is {score}, at least {least} is asked for</source>
            <translation>الجودة ⁨{quality}⁩ في ⁨{format}⁩ منها: الفرق ⁨{score}⁩، والمطلوب ⁨{least}⁩ على الأقل</translation>
        </message>
        <message>
            <source>rated {least} or more</source>
            <translation>تقييمها ⁨{least}⁩ أو أكثر</translation>
        </message>
        <message>
            <source>reading it takes more memory than it may</source>
            <translation>تحتاج قراءتها إلى ذاكرة أكثر مما يجوز</translation>
        </message>
        <message>
            <source>reading it took more than {seconds} seconds of computing</source>
            <translation>استغرقت قراءتها أكثر من ⁨{seconds}⁩ ثانية من الحساب</translation>
        </message>
        <message>
            <source>reading the file failed half-way</source>
            <translation>فشلت قراءة الملف في منتصفها</translation>
        </message>
        <message>
            <source>region</source>
            <translation>المنطقة</translation>
        </message>
        <message>
            <source>replaced</source>
            <translation>مستبدلة</translation>
        </message>
        <message>
            <source>right</source>
            <translation>يمين</translation>
        </message>
        <message>
            <source>rights</source>
            <translation>الحقوق</translation>
        </message>
        <message>
            <source>rights usage terms</source>
            <translation>شروط استعمال الحقوق</translation>
        </message>
        <message>
            <source>rights written</source>
            <translation>كُتبت الحقوق</translation>
        </message>
        <message>
            <source>sRGB</source>
            <translation>sRGB</translation>
        </message>
        <message>
            <source>seal {ratio} : 1</source>
            <translation>ختم ⁦{ratio} : 1⁩</translation>
        </message>
        <message>
            <source>seal, label and deliver copies of photographs</source>
            <translation>ختم نسخ الصور ووسمها وتسليمها</translation>
        </message>
        <message>
            <source>sending</source>
            <translation>الإرسال</translation>
        </message>
        <message>
            <source>sending the letter</source>
            <translation>إرسال الرسالة</translation>
        </message>
        <message>
            <source>sent</source>
            <translation>مرسلة</translation>
        </message>
        <message>
            <source>sent to {place} as {name}, {when}</source>
            <translation>أُرسلت إلى ⁨{place}⁩ باسم ⁨{name}⁩، ⁨{when}⁩</translation>
        </message>
        <message>
            <source>sent: {file}</source>
            <translation>أُرسلت: ⁨{file}⁩</translation>
        </message>
        <message>
            <source>serial numbers and owner</source>
            <translation>الأرقام التسلسلية والمالك</translation>
        </message>
        <message>
            <source>serials</source>
            <translation>الأرقام التسلسلية</translation>
        </message>
        <message>
            <source>sharpened {amount} %</source>
            <translation>شحذ ⁨{amount}⁩ %</translation>
        </message>
        <message>
            <source>small</source>
            <translation>صغيرة</translation>
        </message>
        <message>
            <source>something went wrong that has no name</source>
            <translation>حدث خطأ لا اسم له</translation>
        </message>
        <message>
            <source>source</source>
            <translation>المصدر</translation>
        </message>
        <message>
            <source>square</source>
            <translation>المربعة</translation>
        </message>
        <message>
            <source>stamped again</source>
            <translation>تُختم من جديد</translation>
        </message>
        <message>
            <source>status</source>
            <translation>status</translation>
        </message>
        <message>
            <source>still there</source>
            <translation>ما زالت هناك</translation>
        </message>
        <message>
            <source>straightened {degrees}°</source>
            <translation>تقويم ⁨{degrees}⁩°</translation>
        </message>
        <message>
            <source>sublocation</source>
            <translation>الحي</translation>
        </message>
        <message>
            <source>tall</source>
            <translation>الطولية</translation>
        </message>
        <message>
            <source>technical</source>
            <translation>تقني</translation>
        </message>
        <message>
            <source>tells no place</source>
            <translation>لا تكشف مكانًا</translation>
        </message>
        <message>
            <source>text of at most {bytes} bytes</source>
            <translation>نص لا يزيد على ⁨{bytes}⁩ بايت</translation>
        </message>
        <message>
            <source>text without spaces</source>
            <translation>نص بلا مسافات</translation>
        </message>
        <message>
            <source>that run had no delivery "{delivery}"</source>
            <translation>لم يكن في ذلك التشغيل تسليم «⁨{delivery}⁩»</translation>
        </message>
        <message>
            <source>the JPEG is damaged: bytes of it are missing</source>
            <translation>ملف JPEG تالف: تنقصه بايتات</translation>
        </message>
        <message>
            <source>the JPEG is damaged: {why}</source>
            <translation>ملف JPEG تالف: ⁨{why}⁩</translation>
        </message>
        <message>
            <source>the JPEG is not the one that was looked at</source>
            <translation>ليس JPEG الذي نُظر فيه</translation>
        </message>
        <message>
            <source>the PDF could not be written: {reason}</source>
            <translation>تعذّرت كتابة PDF: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>the PDF is locked: its words can't be read</source>
            <translation>ملف PDF مقفل: لا يمكن قراءة كلماته</translation>
        </message>
        <message>
            <source>the SVG can't be understood ({reason})</source>
            <translation>لا يمكن فهم SVG (⁨{reason}⁩)</translation>
        </message>
        <message>
            <source>the SVG is larger than 4 MB</source>
            <translation>ملف SVG أكبر من 4 م.ب</translation>
        </message>
        <message>
            <source>the XMP file beside it can't be read: {happened}</source>
            <translation>لا تمكن قراءة ملف XMP الذي إلى جانبها: ⁨{happened}⁩</translation>
        </message>
        <message>
            <source>the XMP packet could not be composed</source>
            <translation>تعذّر تأليف حزمة XMP</translation>
        </message>
        <message>
            <source>the XMP packet could not be composed: {reason}</source>
            <translation>تعذّر تأليف حزمة XMP: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>the camera's model</source>
            <translation>طراز الكاميرا</translation>
        </message>
        <message>
            <source>the camera's model holds</source>
            <translation>في طراز الكاميرا</translation>
        </message>
        <message>
            <source>the camera's own picture</source>
            <translation>صورة الكاميرا</translation>
        </message>
        <message>
            <source>the camera's own picture, as it lies in the raw file ({subject} pixels)</source>
            <translation>صورة الكاميرا كما هي في الملف الخام (⁨{subject}⁩ بكسل)</translation>
        </message>
        <message>
            <source>the caption can't be drawn: there is no mat on its side</source>
            <translation>لا يمكن رسم التعليق: ليس على جانبه حاشية</translation>
        </message>
        <message>
            <source>the caption stands in {lines} lines</source>
            <translation>يقف التعليق في ⁨{lines}⁩ أسطر</translation>
        </message>
        <message>
            <source>the caption was made smaller to fit its mat</source>
            <translation>صُغّر التعليق ليسع حاشيته</translation>
        </message>
        <message>
            <source>the caption's typeface "{subject}" is not here</source>
            <translation>خط التعليق «⁨{subject}⁩» ليس هنا</translation>
        </message>
        <message>
            <source>the caption's {{{subject}} has no value for this picture and was left out</source>
            <translation>ليس لـ {{{subject}} في التعليق قيمة لهذه الصورة فتُرك</translation>
        </message>
        <message>
            <source>the caption's {{{subject}} is no token</source>
            <translation>ليس {{{subject}} في التعليق رمزًا</translation>
        </message>
        <message>
            <source>the changed part is not of this JPEG</source>
            <translation>الجزء المتغيّر ليس من هذا JPEG</translation>
        </message>
        <message>
            <source>the checksum could not be started</source>
            <translation>تعذّر بدء مجموع التحقق</translation>
        </message>
        <message>
            <source>the colour profile asked for can't be used: {happened}</source>
            <translation>ملف الألوان المطلوب غير صالح: ⁨{happened}⁩</translation>
        </message>
        <message>
            <source>the colour profile could not be packed</source>
            <translation>تعذّر حزم ملف الألوان</translation>
        </message>
        <message>
            <source>the colour profile does not fit into a JPEG</source>
            <translation>لا يسع ملف الألوان في JPEG</translation>
        </message>
        <message>
            <source>the contact sheet could not be drawn</source>
            <translation>تعذّر رسم ورقة المصغّرات</translation>
        </message>
        <message>
            <source>the copy can't be written: {reason}</source>
            <translation>تعذّرت كتابة النسخة: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>the copy could not be encoded as AVIF: {reason}</source>
            <translation>تعذّر ترميز النسخة AVIF: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>the copy could not be encoded as JPEG XL</source>
            <translation>تعذّر ترميز النسخة JPEG XL</translation>
        </message>
        <message>
            <source>the copy could not be encoded: {why}</source>
            <translation>تعذّر ترميز النسخة: ⁨{why}⁩</translation>
        </message>
        <message>
            <source>the copy could not be packed</source>
            <translation>تعذّر حزم النسخة</translation>
        </message>
        <message>
            <source>the copy has {has} pixels, {asked} were asked for: the picture is too small</source>
            <translation>في النسخة ⁨{has}⁩ بكسل والمطلوب ⁨{asked}⁩: الصورة صغيرة جدًا</translation>
        </message>
        <message>
            <source>the copy is too large for its format</source>
            <translation>النسخة أكبر من أن تسعها صيغتها</translation>
        </message>
        <message>
            <source>the copy lay at its place already, byte for byte</source>
            <translation>كانت النسخة في مكانها من قبل، بايتًا ببايت</translation>
        </message>
        <message>
            <source>the copy was changed since it was made</source>
            <translation>تغيّرت النسخة منذ صُنعت</translation>
        </message>
        <message>
            <source>the copy's height in pixels</source>
            <translation>ارتفاع النسخة بالبكسل</translation>
        </message>
        <message>
            <source>the copy's width in pixels</source>
            <translation>عرض النسخة بالبكسل</translation>
        </message>
        <message>
            <source>the copyright notice of the rights sheet</source>
            <translation>إشعار حقوق النشر في ورقة الحقوق</translation>
        </message>
        <message>
            <source>the copyright notice of the rights sheet, else of its metadata</source>
            <translation>إشعار حقوق النشر في ورقة الحقوق، وإلا ففي البيانات الوصفية</translation>
        </message>
        <message>
            <source>the creator of the rights sheet</source>
            <translation>المنشئ في ورقة الحقوق</translation>
        </message>
        <message>
            <source>the creator of the rights sheet, else of its metadata</source>
            <translation>المنشئ في ورقة الحقوق، وإلا ففي البيانات الوصفية</translation>
        </message>
        <message>
            <source>the credit line of the rights sheet</source>
            <translation>سطر النسبة في ورقة الحقوق</translation>
        </message>
        <message>
            <source>the credit line of the rights sheet, else of its metadata</source>
            <translation>سطر النسبة في ورقة الحقوق، وإلا ففي البيانات الوصفية</translation>
        </message>
        <message>
            <source>the day it was taken</source>
            <translation>يوم الالتقاط</translation>
        </message>
        <message>
            <source>the day it was taken, as 2026-05-01</source>
            <translation>يوم الالتقاط، مثل 2026-05-01</translation>
        </message>
        <message>
            <source>the day of the month it was taken</source>
            <translation>يوم الالتقاط من الشهر</translation>
        </message>
        <message>
            <source>the day of the month it was taken, as 01</source>
            <translation>يوم الالتقاط من الشهر، مثل 01</translation>
        </message>
        <message>
            <source>the delivery takes no picture with the keyword "{keyword}"</source>
            <translation>لا يأخذ التسليم صورة فيها الكلمة المفتاحية «⁨{keyword}⁩»</translation>
        </message>
        <message>
            <source>the delivery takes pictures rated {least} or more; this one has {rating}</source>
            <translation>يأخذ التسليم صورًا تقييمها ⁨{least}⁩ أو أكثر؛ وتقييم هذه ⁨{rating}⁩</translation>
        </message>
        <message>
            <source>the delivery takes {shape} pictures only</source>
            <translation>يأخذ التسليم الصور ⁨{shape}⁩ فقط</translation>
        </message>
        <message>
            <source>the delivery's name</source>
            <translation>اسم التسليم</translation>
        </message>
        <message>
            <source>the description in its metadata</source>
            <translation>الوصف في البيانات الوصفية</translation>
        </message>
        <message>
            <source>the desktop's secret store can't be used: {why}</source>
            <translation>تعذّر استعمال مخزن أسرار سطح المكتب: ⁨{why}⁩</translation>
        </message>
        <message>
            <source>the difference of its {format} is {score} at quality {quality}, and at least {least} is asked for</source>
            <translation>فرق ⁨{format}⁩ منها ⁨{score}⁩ بالجودة ⁨{quality}⁩، والمطلوب ⁨{least}⁩ على الأقل</translation>
        </message>
        <message>
            <source>the encoder made a broken JPEG</source>
            <translation>صنع المرمّز JPEG تالفًا</translation>
        </message>
        <message>
            <source>the encoder made a broken PNG</source>
            <translation>صنع المرمّز PNG تالفًا</translation>
        </message>
        <message>
            <source>the encoder made a broken TIFF</source>
            <translation>صنع المرمّز TIFF تالفًا</translation>
        </message>
        <message>
            <source>the encoder made a file of unexpected form</source>
            <translation>صنع المرمّز ملفًا بشكل غير متوقع</translation>
        </message>
        <message>
            <source>the encoder made no JPEG</source>
            <translation>لم يصنع المرمّز JPEG</translation>
        </message>
        <message>
            <source>the encoder made no PNG</source>
            <translation>لم يصنع المرمّز PNG</translation>
        </message>
        <message>
            <source>the encoder made no TIFF</source>
            <translation>لم يصنع المرمّز TIFF</translation>
        </message>
        <message>
            <source>the encoder made no WebP</source>
            <translation>لم يصنع المرمّز WebP</translation>
        </message>
        <message>
            <source>the encoder made no page</source>
            <translation>لم يصنع المرمّز صفحة</translation>
        </message>
        <message>
            <source>the encoder made too long a TIFF of the old kind</source>
            <translation>صنع المرمّز TIFF من النوع القديم أطول من اللازم</translation>
        </message>
        <message>
            <source>the event in its metadata</source>
            <translation>الحدث في البيانات الوصفية</translation>
        </message>
        <message>
            <source>the file can't be read</source>
            <translation>لا تمكن قراءة الملف</translation>
        </message>
        <message>
            <source>the file can't be read: {reason}</source>
            <translation>لا تمكن قراءة الملف: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>the file changed while it was read</source>
            <translation>تغيّر الملف أثناء قراءته</translation>
        </message>
        <message>
            <source>the file could not be put together</source>
            <translation>تعذّر تجميع الملف</translation>
        </message>
        <message>
            <source>the file holds {count} pictures: no more than the first {most} are taken</source>
            <translation>في الملف ⁨{count}⁩ صور: لا يؤخذ أكثر من أول ⁨{most}⁩</translation>
        </message>
        <message>
            <source>the file holds {count} pictures: only the first is used</source>
            <translation>في الملف ⁨{count}⁩ صور: تُستعمل الأولى فقط</translation>
        </message>
        <message>
            <source>the file is empty</source>
            <translation>الملف فارغ</translation>
        </message>
        <message>
            <source>the file is larger than 32 MB</source>
            <translation>الملف أكبر من 32 م.ب</translation>
        </message>
        <message>
            <source>the file is not searched whole: it holds {what}</source>
            <translation>لم يُبحث في الملف كله: فهو يحوي ⁨{what}⁩</translation>
        </message>
        <message>
            <source>the file's name without its ending</source>
            <translation>اسم الملف من غير لاحقته</translation>
        </message>
        <message>
            <source>the fingerprint could not be started</source>
            <translation>تعذّر بدء البصمة</translation>
        </message>
        <message>
            <source>the finished copy could not be searched whole: {subject}</source>
            <translation>تعذّر تفتيش النسخة المنتهية كلها: ⁨{subject}⁩</translation>
        </message>
        <message>
            <source>the finished copy holds what was not promised: {subject}</source>
            <translation>في النسخة المنتهية ما لم يُوعد به: ⁨{subject}⁩</translation>
        </message>
        <message>
            <source>the finished copy is not as it was planned: {subject}</source>
            <translation>النسخة المنتهية ليست كما خُططت: ⁨{subject}⁩</translation>
        </message>
        <message>
            <source>the finished copy tells a place: {subject}</source>
            <translation>النسخة المنتهية تكشف مكانًا: ⁨{subject}⁩</translation>
        </message>
        <message>
            <source>the folder "{typed}" leads out of the place and became "{subject}"</source>
            <translation>المجلد «⁨{typed}⁩» يقود إلى الخارج فصار «⁨{subject}⁩»</translation>
        </message>
        <message>
            <source>the folder can't be read: {reason}</source>
            <translation>تعذّرت قراءة المجلد: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>the ground is harder to paint out there</source>
            <translation>هناك يصعب المحو من الأرضية</translation>
        </message>
        <message>
            <source>the header claims {width} x {height} pixels</source>
            <translation>تدّعي مقدمة الملف ⁦{width} x {height}⁩ بكسل</translation>
        </message>
        <message>
            <source>the header claims {width} x {height} pixels; logos have at most 60 megapixels</source>
            <translation>تدّعي مقدمة الملف ⁦{width} x {height}⁩ بكسل؛ وللشعارات 60 ميغابكسل على الأكثر</translation>
        </message>
        <message>
            <source>the headline in its metadata</source>
            <translation>العنوان الرئيسي في البيانات الوصفية</translation>
        </message>
        <message>
            <source>the hour it was taken</source>
            <translation>ساعة الالتقاط</translation>
        </message>
        <message>
            <source>the job identifier in its metadata</source>
            <translation>معرّف العمل في البيانات الوصفية</translation>
        </message>
        <message>
            <source>the job's name</source>
            <translation>اسم المهمة</translation>
        </message>
        <message>
            <source>the keywords in its metadata</source>
            <translation>الكلمات المفتاحية في البيانات الوصفية</translation>
        </message>
        <message>
            <source>the library holds another one of that name</source>
            <translation>في المكتبة غيره بهذا الاسم</translation>
        </message>
        <message>
            <source>the logo can't be drawn ({reason})</source>
            <translation>لا يمكن رسم الشعار (⁨{reason}⁩)</translation>
        </message>
        <message>
            <source>the logo can't be read ({reason})</source>
            <translation>لا تمكن قراءة الشعار (⁨{reason}⁩)</translation>
        </message>
        <message>
            <source>the logo has no usable size</source>
            <translation>ليس للشعار حجم صالح</translation>
        </message>
        <message>
            <source>the logo is no drawing any more</source>
            <translation>لم يعد الشعار رسمًا</translation>
        </message>
        <message>
            <source>the logo {name} can't be drawn: {happened}</source>
            <translation>لا يمكن رسم الشعار ⁨{name}⁩: ⁨{happened}⁩</translation>
        </message>
        <message>
            <source>the logo {name} is enlarged: it has {has} pixels and needs {needs}</source>
            <translation>الشعار ⁨{name}⁩ مكبّر: فيه ⁨{has}⁩ بكسل ويحتاج إلى ⁨{needs}⁩</translation>
        </message>
        <message>
            <source>the minute it was taken</source>
            <translation>دقيقة الالتقاط</translation>
        </message>
        <message>
            <source>the month it was taken</source>
            <translation>شهر الالتقاط</translation>
        </message>
        <message>
            <source>the month it was taken, as 05</source>
            <translation>شهر الالتقاط، مثل 05</translation>
        </message>
        <message>
            <source>the name is taken, and "{delivery}" says not to begin then</source>
            <translation>الاسم مأخوذ، و«⁨{delivery}⁩» يقول ألا يُبدأ عندئذ</translation>
        </message>
        <message>
            <source>the name of a typeface family</source>
            <translation>اسم عائلة خطوط</translation>
        </message>
        <message>
            <source>the name of the folder the original lies in</source>
            <translation>اسم المجلد الذي فيه الأصل</translation>
        </message>
        <message>
            <source>the name's {{{subject}} has no value for this picture</source>
            <translation>ليس لـ {{{subject}} في الاسم قيمة لهذه الصورة</translation>
        </message>
        <message>
            <source>the original is another one now</source>
            <translation>الأصل الآن غير ما كان</translation>
        </message>
        <message>
            <source>the original vanished during the run</source>
            <translation>اختفى الأصل أثناء التشغيل</translation>
        </message>
        <message>
            <source>the original was changed by another program during the run</source>
            <translation>غيّر برنامج آخر الأصل أثناء التشغيل</translation>
        </message>
        <message>
            <source>the original's own quality, untouched outside the mark</source>
            <translation>جودة الأصل نفسها، كما هي خارج العلامة</translation>
        </message>
        <message>
            <source>the outbox can't be used: {reason}</source>
            <translation>تعذّر استعمال الصادر: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>the page or frame of a file that holds several</source>
            <translation>الصفحة أو الإطار في ملف فيه عدة صور</translation>
        </message>
        <message>
            <source>the pages of help are not there</source>
            <translation>صفحات المساعدة ليست هناك</translation>
        </message>
        <message>
            <source>the part "{subject}" has no logo yet</source>
            <translation>ليس للجزء «⁨{subject}⁩» شعار بعد</translation>
        </message>
        <message>
            <source>the part is not of this JPEG</source>
            <translation>الجزء ليس من هذا JPEG</translation>
        </message>
        <message>
            <source>the path of a file</source>
            <translation>مسار ملف</translation>
        </message>
        <message>
            <source>the path of a folder</source>
            <translation>مسار مجلد</translation>
        </message>
        <message>
            <source>the pattern is so dense that it is spread out to about {most} seals</source>
            <translation>النمط كثيف جدًا فوُزّع على نحو ⁨{most}⁩ ختمًا</translation>
        </message>
        <message>
            <source>the picture can't be read ({why})</source>
            <translation>لا تمكن قراءة الصورة (⁨{why}⁩)</translation>
        </message>
        <message>
            <source>the picture data is damaged ({reason})</source>
            <translation>بيانات الصورة تالفة (⁨{reason}⁩)</translation>
        </message>
        <message>
            <source>the picture is enlarged to {percent} % and will look soft</source>
            <translation>الصورة مكبّرة إلى ⁨{percent}⁩ % وستبدو ناعمة</translation>
        </message>
        <message>
            <source>the picture is grey, and its mark has colour</source>
            <translation>الصورة رمادية ولعلامتها لون</translation>
        </message>
        <message>
            <source>the picture's place in the job</source>
            <translation>موضع الصورة في المهمة</translation>
        </message>
        <message>
            <source>the picture's place in the job, counted as set below</source>
            <translation>موضع الصورة في المهمة، عدًّا كما ضُبط أدناه</translation>
        </message>
        <message>
            <source>the place "{place}" stands in {where}</source>
            <translation>المكان «⁨{place}⁩» مذكور في «⁨{where}⁩»</translation>
        </message>
        <message>
            <source>the place "{place}" stands in {where}, as the maker's address</source>
            <translation>المكان «⁨{place}⁩» مذكور في «⁨{where}⁩» عنوانًا للصانع</translation>
        </message>
        <message>
            <source>the plain name is taken</source>
            <translation>الاسم البسيط مأخوذ</translation>
        </message>
        <message>
            <source>the plain name is taken by {subject}</source>
            <translation>الاسم البسيط أخذه ⁨{subject}⁩</translation>
        </message>
        <message>
            <source>the plain name is taken, and not by an unchanged copy of this picture: nothing was replaced</source>
            <translation>الاسم البسيط مأخوذ، لا لنسخة من هذه الصورة بلا تغيير: لم يُستبدل شيء</translation>
        </message>
        <message>
            <source>the plan is not whole</source>
            <translation>الخطة ليست كاملة</translation>
        </message>
        <message>
            <source>the plan's deliveries are not whole</source>
            <translation>تسليمات الخطة ليست كاملة</translation>
        </message>
        <message>
            <source>the planned name was taken during the run</source>
            <translation>أُخذ الاسم المخطط أثناء التشغيل</translation>
        </message>
        <message>
            <source>the printer can't be used, or took no further page</source>
            <translation>لا يمكن استعمال الطابعة، أو لم تأخذ صفحة أخرى</translation>
        </message>
        <message>
            <source>the process that held its pixels came to an end</source>
            <translation>انتهت العملية التي كانت تحمل بكسلاتها</translation>
        </message>
        <message>
            <source>the process that reads pictures can't be started: {why}</source>
            <translation>تعذّر بدء العملية التي تقرأ الصور: ⁨{why}⁩</translation>
        </message>
        <message>
            <source>the profile {name} could not be loaded</source>
            <translation>تعذّر تحميل ملف الألوان ⁨{name}⁩</translation>
        </message>
        <message>
            <source>the proof sheet could not be drawn</source>
            <translation>تعذّر رسم ورقة البروفات</translation>
        </message>
        <message>
            <source>the raw file holds no picture of the camera's own: it was developed</source>
            <translation>ليس في الملف الخام صورة من الكاميرا: أُظهر</translation>
        </message>
        <message>
            <source>the register can't be used: {why}</source>
            <translation>تعذّر استعمال السجل: ⁨{why}⁩</translation>
        </message>
        <message>
            <source>the register is damaged: {why}</source>
            <translation>السجل تالف: ⁨{why}⁩</translation>
        </message>
        <message>
            <source>the removed seal is no longer there</source>
            <translation>الختم المُزال لم يعد هناك</translation>
        </message>
        <message>
            <source>the resample missed the wanted size</source>
            <translation>أخطأ التصغير الحجم المطلوب</translation>
        </message>
        <message>
            <source>the run was stopped</source>
            <translation>أُوقف التشغيل</translation>
        </message>
        <message>
            <source>the run's journal can't be read</source>
            <translation>لا تمكن قراءة يومية التشغيل</translation>
        </message>
        <message>
            <source>the run's journal can't be written: {reason}</source>
            <translation>تعذّرت كتابة يومية التشغيل: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>the same command again</source>
            <translation>الأمر نفسه من جديد</translation>
        </message>
        <message>
            <source>the same file as {subject}</source>
            <translation>الملف نفسه مثل ⁨{subject}⁩</translation>
        </message>
        <message>
            <source>the seal can't be read here: contrast {measured} : 1, you asked for {asked} : 1</source>
            <translation>لا يمكن قراءة الختم هنا: التباين ⁦{measured} : 1⁩ والمطلوب ⁦{asked} : 1⁩</translation>
        </message>
        <message>
            <source>the seal could not be encoded: {reason}</source>
            <translation>تعذّر ترميز الختم: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>the seal does not lie on the picture</source>
            <translation>لا يقع الختم على الصورة</translation>
        </message>
        <message>
            <source>the seal has no name</source>
            <translation>ليس للختم اسم</translation>
        </message>
        <message>
            <source>the seal is hard to read here: contrast {measured} : 1, you asked for {asked} : 1</source>
            <translation>الختم صعب القراءة هنا: التباين ⁦{measured} : 1⁩ والمطلوب ⁦{asked} : 1⁩</translation>
        </message>
        <message>
            <source>the seal is hardly seen here: it changes the picture by {measured} : 1, you asked for {asked} : 1</source>
            <translation>لا يكاد الختم يُرى هنا: يغيّر الصورة بمقدار ⁦{measured} : 1⁩ والمطلوب ⁦{asked} : 1⁩</translation>
        </message>
        <message>
            <source>the seal is on and has nothing to draw</source>
            <translation>الختم مشغّل وليس فيه ما يُرسم</translation>
        </message>
        <message>
            <source>the seal reaches into the bleed, which is cut off after printing</source>
            <translation>يمتد الختم إلى هامش القص الذي يُقطع بعد الطباعة</translation>
        </message>
        <message>
            <source>the seal reaches over the picture's edge</source>
            <translation>يتجاوز الختم حافة الصورة</translation>
        </message>
        <message>
            <source>the seal stands on the words of the caption: there is no room beside them</source>
            <translation>يقف الختم على كلمات التعليق: لا متسع إلى جانبها</translation>
        </message>
        <message>
            <source>the seal was made smaller to fit between the margins</source>
            <translation>صُغّر الختم ليسع بين الهوامش</translation>
        </message>
        <message>
            <source>the seal's typeface "{subject}" is not here</source>
            <translation>خط الختم «⁨{subject}⁩» ليس هنا</translation>
        </message>
        <message>
            <source>the seal's {{{subject}} has no value for this picture and was left out</source>
            <translation>ليس لـ {{{subject}} في الختم قيمة لهذه الصورة فتُرك</translation>
        </message>
        <message>
            <source>the seal's {{{subject}} is no token</source>
            <translation>ليس {{{subject}} في الختم رمزًا</translation>
        </message>
        <message>
            <source>the second it was taken</source>
            <translation>ثانية الالتقاط</translation>
        </message>
        <message>
            <source>the serial number is</source>
            <translation>الرقم التسلسلي هو</translation>
        </message>
        <message>
            <source>the server does not offer to encrypt</source>
            <translation>لا يعرض الخادم التشفير</translation>
        </message>
        <message>
            <source>the server does not say how large {path} is</source>
            <translation>لا يقول الخادم كم حجم ⁨{path}⁩</translation>
        </message>
        <message>
            <source>the server does not take this user and password</source>
            <translation>لا يقبل الخادم هذا المستخدم وكلمة المرور</translation>
        </message>
        <message>
            <source>the server does not take this user and password, or does not let them write there</source>
            <translation>لا يقبل الخادم هذا المستخدم وكلمة المرور، أو لا يسمح لهما بالكتابة هناك</translation>
        </message>
        <message>
            <source>the server does not take this user and password, or key</source>
            <translation>لا يقبل الخادم هذا المستخدم وكلمة المرور أو المفتاح</translation>
        </message>
        <message>
            <source>the server has {now} bytes and not the {size} that were sent; they are sent anew</source>
            <translation>عند الخادم ⁨{now}⁩ بايت لا ⁨{size}⁩ كما أُرسل؛ تُرسل من جديد</translation>
        </message>
        <message>
            <source>the server's certificate is not one that is trusted: {told}</source>
            <translation>شهادة الخادم ليست مما يوثق به: ⁨{told}⁩</translation>
        </message>
        <message>
            <source>the shipped fonts are not there</source>
            <translation>الخطوط المرفقة ليست هناك</translation>
        </message>
        <message>
            <source>the shipped fonts can't be read</source>
            <translation>لا تمكن قراءة الخطوط المرفقة</translation>
        </message>
        <message>
            <source>the system gives no random numbers</source>
            <translation>لا يعطي النظام أعدادًا عشوائية</translation>
        </message>
        <message>
            <source>the table has too many rows</source>
            <translation>في الجدول صفوف أكثر من اللازم</translation>
        </message>
        <message>
            <source>the table is not in UTF-8</source>
            <translation>الجدول ليس UTF-8</translation>
        </message>
        <message>
            <source>the table is too long</source>
            <translation>الجدول أطول من اللازم</translation>
        </message>
        <message>
            <source>the time it was taken</source>
            <translation>وقت الالتقاط</translation>
        </message>
        <message>
            <source>the time it was taken, as 102030</source>
            <translation>وقت الالتقاط، مثل 102030</translation>
        </message>
        <message>
            <source>the title in its metadata</source>
            <translation>العنوان في البيانات الوصفية</translation>
        </message>
        <message>
            <source>the typeface {family} is here already: yours stays</source>
            <translation>الخط ⁨{family}⁩ موجود هنا: يبقى خطك</translation>
        </message>
        <message>
            <source>the year now</source>
            <translation>السنة الحالية</translation>
        </message>
        <message>
            <source>the year the picture was taken</source>
            <translation>سنة التقاط الصورة</translation>
        </message>
        <message>
            <source>there is a file of that name already</source>
            <translation>هناك ملف بهذا الاسم من قبل</translation>
        </message>
        <message>
            <source>there is a file {path} already that no album of yours put there</source>
            <translation>هناك ملف ⁨{path}⁩ من قبل لم يضعه ألبوم لك</translation>
        </message>
        <message>
            <source>there is a seal of that name again</source>
            <translation>هناك ختم بهذا الاسم من جديد</translation>
        </message>
        <message>
            <source>there is no SVG drawing in it</source>
            <translation>ليس فيه رسم SVG</translation>
        </message>
        <message>
            <source>there is no border file and no saved border of that name</source>
            <translation>لا ملف إطار ولا إطار محفوظ بهذا الاسم</translation>
        </message>
        <message>
            <source>there is no copy that could be in an album</source>
            <translation>ليس هناك نسخة يمكن أن تكون في ألبوم</translation>
        </message>
        <message>
            <source>there is no delivery file and no saved delivery of that name</source>
            <translation>لا ملف تسليم ولا تسليم محفوظ بهذا الاسم</translation>
        </message>
        <message>
            <source>there is no delivery in it</source>
            <translation>ليس فيه تسليم</translation>
        </message>
        <message>
            <source>there is no memory to share with a worker: {reason}</source>
            <translation>لا ذاكرة تُشارك مع عملية قراءة: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>there is no password for it</source>
            <translation>ليس له كلمة مرور</translation>
        </message>
        <message>
            <source>there is no picture to work on</source>
            <translation>لا صورة يُعمل عليها</translation>
        </message>
        <message>
            <source>there is no plan that can be read</source>
            <translation>ليس هناك خطة يمكن قراءتها</translation>
        </message>
        <message>
            <source>there is no seal in it</source>
            <translation>ليس فيه ختم</translation>
        </message>
        <message>
            <source>there is no sheet file and no saved rights sheet of that name</source>
            <translation>لا ملف ورقة ولا ورقة حقوق محفوظة بهذا الاسم</translation>
        </message>
        <message>
            <source>there is no such field</source>
            <translation>لا حقل كهذا</translation>
        </message>
        <message>
            <source>there is no such file</source>
            <translation>لا ملف كهذا</translation>
        </message>
        <message>
            <source>there is no such folder</source>
            <translation>لا مجلد كهذا</translation>
        </message>
        <message>
            <source>there is no such format</source>
            <translation>لا صيغة كهذه</translation>
        </message>
        <message>
            <source>there is no such ring</source>
            <translation>لا حلقة كهذه</translation>
        </message>
        <message>
            <source>there is no such run to go on with</source>
            <translation>لا تشغيل كهذا لمتابعته</translation>
        </message>
        <message>
            <source>there is no such seal</source>
            <translation>لا ختم كهذا</translation>
        </message>
        <message>
            <source>there is no such seal file, and none of that name in the library</source>
            <translation>لا ملف ختم كهذا ولا ختم بهذا الاسم في المكتبة</translation>
        </message>
        <message>
            <source>there is no such setting</source>
            <translation>لا إعداد كهذا</translation>
        </message>
        <message>
            <source>there is no token {{{unknown}}</source>
            <translation>لا رمز {{{unknown}}</translation>
        </message>
        <message>
            <source>there is no way between the colour profiles “{source}” and “{target}”</source>
            <translation>لا طريق بين ملفي الألوان «⁨{source}⁩» و«⁨{target}⁩»</translation>
        </message>
        <message>
            <source>there is nothing in it that a rights sheet could write</source>
            <translation>ليس فيه ما يمكن لورقة حقوق أن تكتبه</translation>
        </message>
        <message>
            <source>there is nothing of that name</source>
            <translation>لا شيء بهذا الاسم</translation>
        </message>
        <message>
            <source>there is nothing to be drawn</source>
            <translation>لا شيء ليُرسم</translation>
        </message>
        <message>
            <source>there is something of that name already, and nothing is ever mixed into it</source>
            <translation>هناك شيء بهذا الاسم من قبل، ولا يُخلط به شيء أبدًا</translation>
        </message>
        <message>
            <source>this PDF has {pages} pages; logos have at most {most}</source>
            <translation>في ملف PDF هذا ⁨{pages}⁩ صفحات؛ وللشعارات ⁨{most}⁩ على الأكثر</translation>
        </message>
        <message>
            <source>this account has no home folder</source>
            <translation>ليس لهذا الحساب مجلد رئيسي</translation>
        </message>
        <message>
            <source>this camera's raw files are not known</source>
            <translation>ملفات هذه الكاميرا الخام غير معروفة</translation>
        </message>
        <message>
            <source>this colour profile can't be used: {why}</source>
            <translation>ملف الألوان هذا غير صالح: ⁨{why}⁩</translation>
        </message>
        <message>
            <source>this copy tells the place, as the delivery says in words</source>
            <translation>هذه النسخة تكشف المكان كما يقول التسليم بالكلمات</translation>
        </message>
        <message>
            <source>this is a copy that Keep Seal made: it is not stamped twice</source>
            <translation>هذه نسخة صنعها Keep Seal: لا تُختم مرتين</translation>
        </message>
        <message>
            <source>this is a file, not a folder</source>
            <translation>هذا ملف لا مجلد</translation>
        </message>
        <message>
            <source>this is a folder that originals lie in</source>
            <translation>هذا مجلد فيه أصول</translation>
        </message>
        <message>
            <source>this is a folder that originals lie in ({found})</source>
            <translation>هذا مجلد فيه أصول (⁨{found}⁩)</translation>
        </message>
        <message>
            <source>this is a link or a file where a folder of our own has to be</source>
            <translation>هذا رابط أو ملف حيث يجب أن يكون مجلد لنا</translation>
        </message>
        <message>
            <source>this is an option, and a file of that name lies here</source>
            <translation>هذا خيار، وهنا ملف بهذا الاسم</translation>
        </message>
        <message>
            <source>this is an original, or belongs to one</source>
            <translation>هذا أصل أو تابع لأصل</translation>
        </message>
        <message>
            <source>this is larger than a colour profile may be</source>
            <translation>هذا أكبر مما يجوز لملف ألوان</translation>
        </message>
        <message>
            <source>this is no day</source>
            <translation>هذا ليس يومًا</translation>
        </message>
        <message>
            <source>this is no folder of yours</source>
            <translation>هذا ليس مجلدًا لك</translation>
        </message>
        <message>
            <source>this is no job: {reason}</source>
            <translation>هذه ليست مهمة: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>this is no journal this version can read</source>
            <translation>هذه ليست يومية يستطيع هذا الإصدار قراءتها</translation>
        </message>
        <message>
            <source>this is no journal: {reason}</source>
            <translation>هذه ليست يومية: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>this is no kept picture: {reason}</source>
            <translation>هذه ليست صورة محفوظة: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>this is no ledger this version can read</source>
            <translation>هذا ليس دفترًا يستطيع هذا الإصدار قراءته</translation>
        </message>
        <message>
            <source>this is no ledger: {reason}</source>
            <translation>هذا ليس دفترًا: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>this is no list of parts</source>
            <translation>هذه ليست قائمة أجزاء</translation>
        </message>
        <message>
            <source>this is no list of rings</source>
            <translation>هذه ليست قائمة حلقات</translation>
        </message>
        <message>
            <source>this is no ordinary file</source>
            <translation>هذا ليس ملفًا عاديًا</translation>
        </message>
        <message>
            <source>this is no picture file Keep Seal can read</source>
            <translation>ليس هذا ملف صورة يستطيع Keep Seal قراءته</translation>
        </message>
        <message>
            <source>this is no plan this version can read</source>
            <translation>هذه ليست خطة يستطيع هذا الإصدار قراءتها</translation>
        </message>
        <message>
            <source>this is no plan: {reason}</source>
            <translation>هذه ليست خطة: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>this is no register that was exported, or of a newer version</source>
            <translation>هذا ليس سجلًا صُدّر، أو هو من إصدار أحدث</translation>
        </message>
        <message>
            <source>this is no typeface that can be used</source>
            <translation>هذا ليس خطًا صالحًا</translation>
        </message>
        <message>
            <source>this is no valid JSON: {reason}</source>
            <translation>هذا ليس JSON صحيحًا: ⁨{reason}⁩</translation>
        </message>
        <message>
            <source>this is no zip file</source>
            <translation>ليس هذا ملف zip</translation>
        </message>
        <message>
            <source>this is no {what}</source>
            <translation>هذا ليس هو المنتظر: ⁨{what}⁩</translation>
        </message>
        <message>
            <source>this is the original {found} under another name</source>
            <translation>هذا هو الأصل ⁨{found}⁩ باسم آخر</translation>
        </message>
        <message>
            <source>this ledger can't be read</source>
            <translation>لا تمكن قراءة هذا الدفتر</translation>
        </message>
        <message>
            <source>this ledger is not whole</source>
            <translation>هذا الدفتر ليس كاملًا</translation>
        </message>
        <message>
            <source>this line is none of an export</source>
            <translation>هذا السطر ليس من تصدير</translation>
        </message>
        <message>
            <source>this run is under way in another window or shell</source>
            <translation>هذا التشغيل جارٍ في نافذة أخرى أو سطر أوامر آخر</translation>
        </message>
        <message>
            <source>this says nothing of who you are</source>
            <translation>هذا لا يذكر شيئًا عمن أنت</translation>
        </message>
        <message>
            <source>this sets nothing</source>
            <translation>هذا لا يضبط شيئًا</translation>
        </message>
        <message>
            <source>this {kind} could not be brought back</source>
            <translation>تعذّرت إعادة ⁨{kind}⁩</translation>
        </message>
        <message>
            <source>this {kind} could not be removed</source>
            <translation>تعذّرت إزالة ⁨{kind}⁩</translation>
        </message>
        <message>
            <source>title</source>
            <translation>العنوان</translation>
        </message>
        <message numerus="yes">
            <source>to {n} places</source>
            <translation>
                <numerusform>إلى لا أماكن</numerusform>
                <numerusform>إلى مكان واحد</numerusform>
                <numerusform>إلى مكانان</numerusform>
                <numerusform>إلى {n} أماكن</numerusform>
                <numerusform>إلى {n} مكانًا</numerusform>
                <numerusform>إلى {n} مكان</numerusform>
            </translation>
        </message>
        <message>
            <source>tone</source>
            <translation>الدرجة</translation>
        </message>
        <message>
            <source>too many boxes</source>
            <translation>صناديق كثيرة جدًا</translation>
        </message>
        <message>
            <source>top</source>
            <translation>أعلى</translation>
        </message>
        <message>
            <source>top left</source>
            <translation>أعلى اليسار</translation>
        </message>
        <message>
            <source>top right</source>
            <translation>أعلى اليمين</translation>
        </message>
        <message>
            <source>true or false</source>
            <translation>صواب أو خطأ (true أو false)</translation>
        </message>
        <message>
            <source>turned {degrees}°</source>
            <translation>تدوير ⁨{degrees}⁩°</translation>
        </message>
        <message>
            <source>unless {what} {text}</source>
            <translation>ما لم ⁨{what}⁩ ⁨{text}⁩</translation>
        </message>
        <message>
            <source>unread</source>
            <translation>غير مقروء</translation>
        </message>
        <message>
            <source>untouched</source>
            <translation>كما هو</translation>
        </message>
        <message>
            <source>waiting</source>
            <translation>منتظرة</translation>
        </message>
        <message>
            <source>web page</source>
            <translation>صفحة الويب</translation>
        </message>
        <message>
            <source>web statement of rights</source>
            <translation>بيان الحقوق على الويب</translation>
        </message>
        <message>
            <source>what</source>
            <translation>what</translation>
        </message>
        <message>
            <source>what a picture is known by is damaged</source>
            <translation>ما تُعرف به صورة تالف</translation>
        </message>
        <message>
            <source>what it holds is larger than {most} MB</source>
            <translation>محتواه أكبر من ⁨{most}⁩ م.ب</translation>
        </message>
        <message>
            <source>what pictures are known by can't be kept</source>
            <translation>لا يمكن حفظ ما تُعرف به الصور</translation>
        </message>
        <message>
            <source>what was to be printed could not be written: the disk is full, or nobody reads</source>
            <translation>تعذّرت كتابة ما كان سيُخرج: القرص ممتلئ أو لا أحد يقرأ</translation>
        </message>
        <message>
            <source>what was to be written is not in the finished copy: {subject}</source>
            <translation>ما كان يجب أن يُكتب ليس في النسخة المنتهية: ⁨{subject}⁩</translation>
        </message>
        <message>
            <source>whole</source>
            <translation>الكل</translation>
        </message>
        <message>
            <source>wide</source>
            <translation>العرضية</translation>
        </message>
        <message>
            <source>with border {size}</source>
            <translation>مع الإطار ⁨{size}⁩</translation>
        </message>
        <message>
            <source>with its contrast stretched</source>
            <translation>بمدّ تباينها</translation>
        </message>
        <message>
            <source>worth a look</source>
            <translation>تستحق النظر</translation>
        </message>
        <message>
            <source>yes</source>
            <translation>نعم</translation>
        </message>
        <message>
            <source>your e-mail address</source>
            <translation>بريدك الإلكتروني</translation>
        </message>
        <message>
            <source>your e-mail address, from Who you are</source>
            <translation>بريدك الإلكتروني، من «من أنت»</translation>
        </message>
        <message>
            <source>your emblem</source>
            <translation>شارتك</translation>
        </message>
        <message>
            <source>your own name</source>
            <translation>اسمك أنت</translation>
        </message>
        <message>
            <source>your own name, from Who you are</source>
            <translation>اسمك أنت، من «من أنت»</translation>
        </message>
        <message>
            <source>your studio's name</source>
            <translation>اسم الاستوديو</translation>
        </message>
        <message>
            <source>your studio's name, from Who you are</source>
            <translation>اسم الاستوديو، من «من أنت»</translation>
        </message>
        <message>
            <source>your web address</source>
            <translation>عنوانك على الويب</translation>
        </message>
        <message>
            <source>your web address, from Who you are</source>
            <translation>عنوانك على الويب، من «من أنت»</translation>
        </message>
        <message>
            <source>{agree} of {parts} parts of the picture agree; it shows {percent} % of it</source>
            <translation>⁨{agree}⁩ من ⁨{parts}⁩ من أجزاء الصورة متطابقة؛ وتُظهر ⁨{percent}⁩ % منها</translation>
        </message>
        <message>
            <source>{allowed}; default {value}</source>
            <translation>⁨{allowed}⁩؛ القيمة المبدئية ⁨{value}⁩</translation>
        </message>
        <message>
            <source>{box}, filled</source>
            <translation>⁨{box}⁩، ممتلئة</translation>
        </message>
        <message>
            <source>{box}, padded</source>
            <translation>⁨{box}⁩، مملوءة</translation>
        </message>
        <message>
            <source>{bytes} were written.</source>
            <translation>كُتب ⁨{bytes}⁩.</translation>
        </message>
        <message>
            <source>{clean} of {made} searched and tell no place</source>
            <translation>⁨{clean}⁩ من ⁨{made}⁩ فُتشت ولا تكشف مكانًا</translation>
        </message>
        <message>
            <source>{container}, {bytes}, TELLS A PLACE: {place}</source>
            <translation>⁨{container}⁩، ⁨{bytes}⁩، يكشف مكانًا: ⁨{place}⁩</translation>
        </message>
        <message>
            <source>{container}, {bytes}, tells no place</source>
            <translation>⁨{container}⁩، ⁨{bytes}⁩، لا يكشف مكانًا</translation>
        </message>
        <message>
            <source>{count} from {studio}</source>
            <translation>{count} from {studio}</translation>
        </message>
        <message>
            <source>{day}  {file}  "{delivery}"  {size}  of {original}</source>
            <translation>⁨{day}⁩  ⁨{file}⁩  «⁨{delivery}⁩»  ⁨{size}⁩  من ⁨{original}⁩</translation>
        </message>
        <message>
            <source>{delivery}, {count} and {date} are filled in, and who you are.</source>
            <translation>يُملأ ⁨{delivery}⁩ و⁨{count}⁩ و⁨{date}⁩، ومن أنت.</translation>
        </message>
        <message>
            <source>{done} of {total}, {percent} %</source>
            <translation>⁨{done}⁩ من ⁨{total}⁩، ⁨{percent}⁩ %</translation>
        </message>
        <message>
            <source>{done} of {total}, {percent} %, about {time} left</source>
            <translation>⁨{done}⁩ من ⁨{total}⁩، ⁨{percent}⁩ %، بقي حوالي ⁨{time}⁩</translation>
        </message>
        <message>
            <source>{event|picture}-{number}</source>
            <translation>{event|picture}-{number}</translation>
        </message>
        <message>
            <source>{field} in its metadata</source>
            <translation>«⁨{field}⁩» في البيانات الوصفية</translation>
        </message>
        <message>
            <source>{field} is longer than Exif has room for: there it is cut; XMP holds it whole</source>
            <translation>⁨{field}⁩ أطول مما في Exif من متسع: يُقطع هناك؛ وفي XMP كامل</translation>
        </message>
        <message>
            <source>{field} is longer than IIM's {bytes} bytes by {over}: there it is cut, {whole} it whole</source>
            <translation>⁨{field}⁩ يزيد على بايتات IIM (⁨{bytes}⁩) بمقدار ⁨{over}⁩: يُقطع هناك، وهو كامل في ⁨{whole}⁩</translation>
        </message>
        <message>
            <source>{field} left out</source>
            <translation>تُرك ⁨{field}⁩</translation>
        </message>
        <message>
            <source>{field} typed</source>
            <translation>كُتب ⁨{field}⁩</translation>
        </message>
        <message>
            <source>{field}: changed to {value}</source>
            <translation>⁨{field}⁩: تغيّر إلى ⁨{value}⁩</translation>
        </message>
        <message>
            <source>{field}: coordinates were cut out: {text}</source>
            <translation>⁨{field}⁩: قُطعت إحداثيات: ⁨{text}⁩</translation>
        </message>
        <message>
            <source>{field}: gone</source>
            <translation>⁨{field}⁩: أُزيل</translation>
        </message>
        <message>
            <source>{field}: left out, since it names the place: {text}</source>
            <translation>⁨{field}⁩: تُرك لأنه يذكر المكان: ⁨{text}⁩</translation>
        </message>
        <message>
            <source>{field}: rule {rule} overrides rule {other}</source>
            <translation>⁨{field}⁩: القاعدة ⁨{rule}⁩ تعلو القاعدة ⁨{other}⁩</translation>
        </message>
        <message>
            <source>{field}: {which} "{other}", taken is "{taken}"</source>
            <translation>⁨{field}⁩: ⁨{which}⁩ «⁨{other}⁩»، والمأخوذ «⁨{taken}⁩»</translation>
        </message>
        <message>
            <source>{field}: {{{token}} has no value for this picture</source>
            <translation>⁨{field}⁩: ليس لـ {{{token}} قيمة لهذه الصورة</translation>
        </message>
        <message>
            <source>{field}: {{{token}} is no token</source>
            <translation>⁨{field}⁩: ليس {{{token}} رمزًا</translation>
        </message>
        <message>
            <source>{file}  to {place}</source>
            <translation>⁨{file}⁩  إلى ⁨{place}⁩</translation>
        </message>
        <message>
            <source>{file}  to {place}  as {name}  {day}</source>
            <translation>⁨{file}⁩  إلى ⁨{place}⁩  باسم ⁨{name}⁩  ⁨{day}⁩</translation>
        </message>
        <message>
            <source>{file}: the same bytes as {other}, whose copies were made on {day}; nothing is made again</source>
            <translation>⁨{file}⁩: البايتات نفسها كما في ⁨{other}⁩ الذي صُنعت نسخه في ⁨{day}⁩؛ لا يُصنع شيء من جديد</translation>
        </message>
        <message>
            <source>{folder}, same folders</source>
            <translation>⁨{folder}⁩، المجلدات نفسها</translation>
        </message>
        <message>
            <source>{format} holds no more than {most} pixels on a side</source>
            <translation>لا تسع ⁨{format}⁩ أكثر من ⁨{most}⁩ بكسل في الضلع</translation>
        </message>
        <message>
            <source>{gap} mm leave no room for the pictures</source>
            <translation>⁨{gap}⁩ مم لا تترك مكانًا للصور</translation>
        </message>
        <message>
            <source>{kept} of {all} usual crops leave it whole.</source>
            <translation>⁨{kept}⁩ من ⁨{all}⁩ من الاقتصاصات المعتادة تتركه كاملًا.</translation>
        </message>
        <message>
            <source>{kept} of {all} usual crops leave it whole; {crop} takes it away and leaves {percent} % of the picture.</source>
            <translation>⁨{kept}⁩ من ⁨{all}⁩ من الاقتصاصات المعتادة تتركه كاملًا؛ ⁨{crop}⁩ يزيله ويترك ⁨{percent}⁩ % من الصورة.</translation>
        </message>
        <message>
            <source>{kinds} removed</source>
            <translation>أُزيل: ⁨{kinds}⁩</translation>
        </message>
        <message>
            <source>{kind} to {server}</source>
            <translation>⁨{kind}⁩ إلى ⁨{server}⁩</translation>
        </message>
        <message>
            <source>{label} is no list</source>
            <translation>⁨{label}⁩ ليس قائمة</translation>
        </message>
        <message>
            <source>{name} asks that its copies tell where pictures were taken: it comes in with that closed</source>
            <translation>⁨{name}⁩ يطلب أن تكشف نسخه أين التُقطت الصور: يدخل وذلك مغلق</translation>
        </message>
        <message>
            <source>{name} is the original's own; {number}, {date}, {delivery}, {width} and every field of its metadata can stand here, as in {title|{name}}.</source>
            <translation>⁨{name}⁩ اسم الأصل؛ ويمكن أن يقف هنا ⁨{number}⁩ و⁨{date}⁩ و⁨{delivery}⁩ و⁨{width}⁩ وكل حقل من بياناته، مثل {title|⁨{name}⁩}.</translation>
        </message>
        <message>
            <source>{number} of {all}</source>
            <translation>⁨{number}⁩ من ⁨{all}⁩</translation>
        </message>
        <message numerus="yes">
            <source>{n} HELD BACK</source>
            <translation>
                <numerusform>محجوزة: {n}</numerusform>
                <numerusform>محجوزة: {n}</numerusform>
                <numerusform>محجوزة: {n}</numerusform>
                <numerusform>محجوزة: {n}</numerusform>
                <numerusform>محجوزة: {n}</numerusform>
                <numerusform>محجوزة: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} MISSING</source>
            <translation>
                <numerusform>مفقودة: {n}</numerusform>
                <numerusform>مفقودة: {n}</numerusform>
                <numerusform>مفقودة: {n}</numerusform>
                <numerusform>مفقودة: {n}</numerusform>
                <numerusform>مفقودة: {n}</numerusform>
                <numerusform>مفقودة: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} already there</source>
            <translation>
                <numerusform>موجودة من قبل: {n}</numerusform>
                <numerusform>موجودة من قبل: {n}</numerusform>
                <numerusform>موجودة من قبل: {n}</numerusform>
                <numerusform>موجودة من قبل: {n}</numerusform>
                <numerusform>موجودة من قبل: {n}</numerusform>
                <numerusform>موجودة من قبل: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} changed</source>
            <translation>
                <numerusform>متغيّر: {n}</numerusform>
                <numerusform>متغيّر: {n}</numerusform>
                <numerusform>متغيّر: {n}</numerusform>
                <numerusform>متغيّر: {n}</numerusform>
                <numerusform>متغيّر: {n}</numerusform>
                <numerusform>متغيّر: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies</source>
            <translation>
                <numerusform>لا نسخ</numerusform>
                <numerusform>نسخة واحدة</numerusform>
                <numerusform>نسختان</numerusform>
                <numerusform>{n} نسخ</numerusform>
                <numerusform>{n} نسخة</numerusform>
                <numerusform>{n} نسخة</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies are worth a look</source>
            <translation>
                <numerusform>نسخ تستحق النظر: {n}</numerusform>
                <numerusform>نسخ تستحق النظر: {n}</numerusform>
                <numerusform>نسخ تستحق النظر: {n}</numerusform>
                <numerusform>نسخ تستحق النظر: {n}</numerusform>
                <numerusform>نسخ تستحق النظر: {n}</numerusform>
                <numerusform>نسخ تستحق النظر: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies came with it.</source>
            <translation>
                <numerusform>جاءت معه لا نسخ.</numerusform>
                <numerusform>جاءت معه نسخة واحدة.</numerusform>
                <numerusform>جاءت معه نسختان.</numerusform>
                <numerusform>جاءت معه {n} نسخ.</numerusform>
                <numerusform>جاءت معه {n} نسخة.</numerusform>
                <numerusform>جاءت معه {n} نسخة.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies can be made as soon as there is a folder for them.</source>
            <translation>
                <numerusform>يمكن صنع لا نسخ متى كان لها مجلد.</numerusform>
                <numerusform>يمكن صنع نسخة واحدة متى كان لها مجلد.</numerusform>
                <numerusform>يمكن صنع نسختان متى كان لها مجلد.</numerusform>
                <numerusform>يمكن صنع {n} نسخ متى كان لها مجلد.</numerusform>
                <numerusform>يمكن صنع {n} نسخة متى كان لها مجلد.</numerusform>
                <numerusform>يمكن صنع {n} نسخة متى كان لها مجلد.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies can be made as soon as there is a folder for “%1”.</source>
            <translation>
                <numerusform>يمكن صنع لا نسخ متى كان مجلد لأجل «⁨%1⁩».</numerusform>
                <numerusform>يمكن صنع نسخة واحدة متى كان مجلد لأجل «⁨%1⁩».</numerusform>
                <numerusform>يمكن صنع نسختان متى كان مجلد لأجل «⁨%1⁩».</numerusform>
                <numerusform>يمكن صنع {n} نسخ متى كان مجلد لأجل «⁨%1⁩».</numerusform>
                <numerusform>يمكن صنع {n} نسخة متى كان مجلد لأجل «⁨%1⁩».</numerusform>
                <numerusform>يمكن صنع {n} نسخة متى كان مجلد لأجل «⁨%1⁩».</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies can't be made</source>
            <translation>
                <numerusform>نسخ لا يمكن صنعها: {n}</numerusform>
                <numerusform>نسخ لا يمكن صنعها: {n}</numerusform>
                <numerusform>نسخ لا يمكن صنعها: {n}</numerusform>
                <numerusform>نسخ لا يمكن صنعها: {n}</numerusform>
                <numerusform>نسخ لا يمكن صنعها: {n}</numerusform>
                <numerusform>نسخ لا يمكن صنعها: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies can't be made.</source>
            <translation>
                <numerusform>لا يمكن صنع لا نسخ.</numerusform>
                <numerusform>لا يمكن صنع نسخة واحدة.</numerusform>
                <numerusform>لا يمكن صنع نسختان.</numerusform>
                <numerusform>لا يمكن صنع {n} نسخ.</numerusform>
                <numerusform>لا يمكن صنع {n} نسخة.</numerusform>
                <numerusform>لا يمكن صنع {n} نسخة.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies chosen</source>
            <translation>
                <numerusform>المختار: لا نسخ</numerusform>
                <numerusform>المختار: نسخة واحدة</numerusform>
                <numerusform>المختار: نسختان</numerusform>
                <numerusform>المختار: {n} نسخ</numerusform>
                <numerusform>المختار: {n} نسخة</numerusform>
                <numerusform>المختار: {n} نسخة</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies could not be made.</source>
            <translation>
                <numerusform>تعذّر صنع لا نسخ.</numerusform>
                <numerusform>تعذّر صنع نسخة واحدة.</numerusform>
                <numerusform>تعذّر صنع نسختان.</numerusform>
                <numerusform>تعذّر صنع {n} نسخ.</numerusform>
                <numerusform>تعذّر صنع {n} نسخة.</numerusform>
                <numerusform>تعذّر صنع {n} نسخة.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies could not be made; see the top of the list.</source>
            <translation>
                <numerusform>تعذّر صنع لا نسخ؛ انظر أعلى القائمة.</numerusform>
                <numerusform>تعذّر صنع نسخة واحدة؛ انظر أعلى القائمة.</numerusform>
                <numerusform>تعذّر صنع نسختان؛ انظر أعلى القائمة.</numerusform>
                <numerusform>تعذّر صنع {n} نسخ؛ انظر أعلى القائمة.</numerusform>
                <numerusform>تعذّر صنع {n} نسخة؛ انظر أعلى القائمة.</numerusform>
                <numerusform>تعذّر صنع {n} نسخة؛ انظر أعلى القائمة.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies held in the outbox</source>
            <translation>
                <numerusform>محتجزة في الصادر: لا نسخ</numerusform>
                <numerusform>محتجزة في الصادر: نسخة واحدة</numerusform>
                <numerusform>محتجزة في الصادر: نسختان</numerusform>
                <numerusform>محتجزة في الصادر: {n} نسخ</numerusform>
                <numerusform>محتجزة في الصادر: {n} نسخة</numerusform>
                <numerusform>محتجزة في الصادر: {n} نسخة</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies left of this picture.</source>
            <translation>
                <numerusform>خرج من هذه الصورة: لا نسخ.</numerusform>
                <numerusform>خرج من هذه الصورة: نسخة واحدة.</numerusform>
                <numerusform>خرج من هذه الصورة: نسختان.</numerusform>
                <numerusform>خرج من هذه الصورة: {n} نسخ.</numerusform>
                <numerusform>خرج من هذه الصورة: {n} نسخة.</numerusform>
                <numerusform>خرج من هذه الصورة: {n} نسخة.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies made</source>
            <translation>
                <numerusform>لا نسخ صُنعت</numerusform>
                <numerusform>نسخة واحدة صُنعت</numerusform>
                <numerusform>نسختان صُنعت</numerusform>
                <numerusform>{n} نسخ صُنعت</numerusform>
                <numerusform>{n} نسخة صُنعت</numerusform>
                <numerusform>{n} نسخة صُنعت</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies made and checked.</source>
            <translation>
                <numerusform>صُنعت وفُحصت: لا نسخ.</numerusform>
                <numerusform>صُنعت وفُحصت: نسخة واحدة.</numerusform>
                <numerusform>صُنعت وفُحصت: نسختان.</numerusform>
                <numerusform>صُنعت وفُحصت: {n} نسخ.</numerusform>
                <numerusform>صُنعت وفُحصت: {n} نسخة.</numerusform>
                <numerusform>صُنعت وفُحصت: {n} نسخة.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies of %1</source>
            <translation>
                <numerusform>من ⁨%1⁩: لا نسخ</numerusform>
                <numerusform>من ⁨%1⁩: نسخة واحدة</numerusform>
                <numerusform>من ⁨%1⁩: نسختان</numerusform>
                <numerusform>من ⁨%1⁩: {n} نسخ</numerusform>
                <numerusform>من ⁨%1⁩: {n} نسخة</numerusform>
                <numerusform>من ⁨%1⁩: {n} نسخة</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies of it have left so far (Ctrl+H)</source>
            <translation>
                <numerusform>خرج منها حتى الآن لا نسخ (Ctrl+H)</numerusform>
                <numerusform>خرج منها حتى الآن نسخة واحدة (Ctrl+H)</numerusform>
                <numerusform>خرج منها حتى الآن نسختان (Ctrl+H)</numerusform>
                <numerusform>خرج منها حتى الآن {n} نسخ (Ctrl+H)</numerusform>
                <numerusform>خرج منها حتى الآن {n} نسخة (Ctrl+H)</numerusform>
                <numerusform>خرج منها حتى الآن {n} نسخة (Ctrl+H)</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies of {pictures} in the register.</source>
            <translation>
                <numerusform>في السجل لا نسخ من ⁨{pictures}⁩.</numerusform>
                <numerusform>في السجل نسخة واحدة من ⁨{pictures}⁩.</numerusform>
                <numerusform>في السجل نسختان من ⁨{pictures}⁩.</numerusform>
                <numerusform>في السجل {n} نسخ من ⁨{pictures}⁩.</numerusform>
                <numerusform>في السجل {n} نسخة من ⁨{pictures}⁩.</numerusform>
                <numerusform>في السجل {n} نسخة من ⁨{pictures}⁩.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies sent</source>
            <translation>
                <numerusform>أُرسلت: لا نسخ</numerusform>
                <numerusform>أُرسلت: نسخة واحدة</numerusform>
                <numerusform>أُرسلت: نسختان</numerusform>
                <numerusform>أُرسلت: {n} نسخ</numerusform>
                <numerusform>أُرسلت: {n} نسخة</numerusform>
                <numerusform>أُرسلت: {n} نسخة</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies taken out</source>
            <translation>
                <numerusform>نسخ أُخرجت: {n}</numerusform>
                <numerusform>نسخ أُخرجت: {n}</numerusform>
                <numerusform>نسخ أُخرجت: {n}</numerusform>
                <numerusform>نسخ أُخرجت: {n}</numerusform>
                <numerusform>نسخ أُخرجت: {n}</numerusform>
                <numerusform>نسخ أُخرجت: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies to be sent again</source>
            <translation>
                <numerusform>نسخ ستُرسل من جديد: {n}</numerusform>
                <numerusform>نسخ ستُرسل من جديد: {n}</numerusform>
                <numerusform>نسخ ستُرسل من جديد: {n}</numerusform>
                <numerusform>نسخ ستُرسل من جديد: {n}</numerusform>
                <numerusform>نسخ ستُرسل من جديد: {n}</numerusform>
                <numerusform>نسخ ستُرسل من جديد: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies to make; nothing was written.</source>
            <translation>
                <numerusform>نسخ ستُصنع: {n}؛ لم يُكتب شيء.</numerusform>
                <numerusform>نسخ ستُصنع: {n}؛ لم يُكتب شيء.</numerusform>
                <numerusform>نسخ ستُصنع: {n}؛ لم يُكتب شيء.</numerusform>
                <numerusform>نسخ ستُصنع: {n}؛ لم يُكتب شيء.</numerusform>
                <numerusform>نسخ ستُصنع: {n}؛ لم يُكتب شيء.</numerusform>
                <numerusform>نسخ ستُصنع: {n}؛ لم يُكتب شيء.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies were held back: each would have lacked something that was promised.</source>
            <translation>
                <numerusform>محجوزة: لا نسخ. كان سينقصها شيء وُعد به.</numerusform>
                <numerusform>محجوزة: نسخة واحدة. كان سينقصها شيء وُعد به.</numerusform>
                <numerusform>محجوزة: نسختان. كان سينقصها شيء وُعد به.</numerusform>
                <numerusform>محجوزة: {n} نسخ. كان سينقصها شيء وُعد به.</numerusform>
                <numerusform>محجوزة: {n} نسخة. كان سينقصها شيء وُعد به.</numerusform>
                <numerusform>محجوزة: {n} نسخة. كان سينقصها شيء وُعد به.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies were held back: see the check.</source>
            <translation>
                <numerusform>محجوزة: لا نسخ. انظر الفحص.</numerusform>
                <numerusform>محجوزة: نسخة واحدة. انظر الفحص.</numerusform>
                <numerusform>محجوزة: نسختان. انظر الفحص.</numerusform>
                <numerusform>محجوزة: {n} نسخ. انظر الفحص.</numerusform>
                <numerusform>محجوزة: {n} نسخة. انظر الفحص.</numerusform>
                <numerusform>محجوزة: {n} نسخة. انظر الفحص.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies will be HELD BACK, as it stands: see above what each lacks</source>
            <translation>
                <numerusform>نسخ ستُحجب على هذه الحال: {n}؛ انظر أعلاه ما ينقص كلًا منها</numerusform>
                <numerusform>نسخ ستُحجب على هذه الحال: {n}؛ انظر أعلاه ما ينقص كلًا منها</numerusform>
                <numerusform>نسخ ستُحجب على هذه الحال: {n}؛ انظر أعلاه ما ينقص كلًا منها</numerusform>
                <numerusform>نسخ ستُحجب على هذه الحال: {n}؛ انظر أعلاه ما ينقص كلًا منها</numerusform>
                <numerusform>نسخ ستُحجب على هذه الحال: {n}؛ انظر أعلاه ما ينقص كلًا منها</numerusform>
                <numerusform>نسخ ستُحجب على هذه الحال: {n}؛ انظر أعلاه ما ينقص كلًا منها</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies will be held back, as it stands: each says what it lacks.</source>
            <translation>
                <numerusform>ستُحجز على هذه الحال: لا نسخ. كل منها تقول ما ينقصها.</numerusform>
                <numerusform>ستُحجز على هذه الحال: نسخة واحدة. كل منها تقول ما ينقصها.</numerusform>
                <numerusform>ستُحجز على هذه الحال: نسختان. كل منها تقول ما ينقصها.</numerusform>
                <numerusform>ستُحجز على هذه الحال: {n} نسخ. كل منها تقول ما ينقصها.</numerusform>
                <numerusform>ستُحجز على هذه الحال: {n} نسخة. كل منها تقول ما ينقصها.</numerusform>
                <numerusform>ستُحجز على هذه الحال: {n} نسخة. كل منها تقول ما ينقصها.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies, the newest are listed.</source>
            <translation>
                <numerusform>لا نسخ، يُعرض أحدثها.</numerusform>
                <numerusform>نسخة واحدة، يُعرض أحدثها.</numerusform>
                <numerusform>نسختان، يُعرض أحدثها.</numerusform>
                <numerusform>{n} نسخ، يُعرض أحدثها.</numerusform>
                <numerusform>{n} نسخة، يُعرض أحدثها.</numerusform>
                <numerusform>{n} نسخة، يُعرض أحدثها.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies.</source>
            <translation>
                <numerusform>لا نسخ.</numerusform>
                <numerusform>نسخة واحدة.</numerusform>
                <numerusform>نسختان.</numerusform>
                <numerusform>{n} نسخ.</numerusform>
                <numerusform>{n} نسخة.</numerusform>
                <numerusform>{n} نسخة.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} could not be made</source>
            <translation>
                <numerusform>تعذّر صنعها: {n}</numerusform>
                <numerusform>تعذّر صنعها: {n}</numerusform>
                <numerusform>تعذّر صنعها: {n}</numerusform>
                <numerusform>تعذّر صنعها: {n}</numerusform>
                <numerusform>تعذّر صنعها: {n}</numerusform>
                <numerusform>تعذّر صنعها: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} deliveries</source>
            <translation>
                <numerusform>لا تسليمات</numerusform>
                <numerusform>تسليم واحد</numerusform>
                <numerusform>تسليمان</numerusform>
                <numerusform>{n} تسليمات</numerusform>
                <numerusform>{n} تسليمًا</numerusform>
                <numerusform>{n} تسليم</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} deliveries taken in.</source>
            <translation>
                <numerusform>أُدخل: لا تسليمات.</numerusform>
                <numerusform>أُدخل: تسليم واحد.</numerusform>
                <numerusform>أُدخل: تسليمان.</numerusform>
                <numerusform>أُدخل: {n} تسليمات.</numerusform>
                <numerusform>أُدخل: {n} تسليمًا.</numerusform>
                <numerusform>أُدخل: {n} تسليم.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} deliveries with all they need lie in %1. Your folders are not in it.</source>
            <translation>
                <numerusform>في ⁨%1⁩ الآن لا تسليمات بكل ما يلزم. مجلداتك ليست فيه.</numerusform>
                <numerusform>في ⁨%1⁩ الآن تسليم واحد بكل ما يلزم. مجلداتك ليست فيه.</numerusform>
                <numerusform>في ⁨%1⁩ الآن تسليمان بكل ما يلزم. مجلداتك ليست فيه.</numerusform>
                <numerusform>في ⁨%1⁩ الآن {n} تسليمات بكل ما يلزم. مجلداتك ليست فيه.</numerusform>
                <numerusform>في ⁨%1⁩ الآن {n} تسليمًا بكل ما يلزم. مجلداتك ليست فيه.</numerusform>
                <numerusform>في ⁨%1⁩ الآن {n} تسليم بكل ما يلزم. مجلداتك ليست فيه.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} earlier copies will be replaced</source>
            <translation>
                <numerusform>نسخ سابقة ستُستبدل: {n}</numerusform>
                <numerusform>نسخ سابقة ستُستبدل: {n}</numerusform>
                <numerusform>نسخ سابقة ستُستبدل: {n}</numerusform>
                <numerusform>نسخ سابقة ستُستبدل: {n}</numerusform>
                <numerusform>نسخ سابقة ستُستبدل: {n}</numerusform>
                <numerusform>نسخ سابقة ستُستبدل: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} earlier copies will be replaced.</source>
            <translation>
                <numerusform>ستُستبدل من السابقة: لا نسخ.</numerusform>
                <numerusform>ستُستبدل من السابقة: نسخة واحدة.</numerusform>
                <numerusform>ستُستبدل من السابقة: نسختان.</numerusform>
                <numerusform>ستُستبدل من السابقة: {n} نسخ.</numerusform>
                <numerusform>ستُستبدل من السابقة: {n} نسخة.</numerusform>
                <numerusform>ستُستبدل من السابقة: {n} نسخة.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} fields</source>
            <translation>
                <numerusform>لا حقول</numerusform>
                <numerusform>حقل واحد</numerusform>
                <numerusform>حقلان</numerusform>
                <numerusform>{n} حقول</numerusform>
                <numerusform>{n} حقلًا</numerusform>
                <numerusform>{n} حقل</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} files looked at.</source>
            <translation>
                <numerusform>نُظر في لا ملفات.</numerusform>
                <numerusform>نُظر في ملف واحد.</numerusform>
                <numerusform>نُظر في ملفان.</numerusform>
                <numerusform>نُظر في {n} ملفات.</numerusform>
                <numerusform>نُظر في {n} ملفًا.</numerusform>
                <numerusform>نُظر في {n} ملف.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} files.</source>
            <translation>
                <numerusform>الملفات: {n}.</numerusform>
                <numerusform>الملفات: {n}.</numerusform>
                <numerusform>الملفات: {n}.</numerusform>
                <numerusform>الملفات: {n}.</numerusform>
                <numerusform>الملفات: {n}.</numerusform>
                <numerusform>الملفات: {n}.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} files: %1 of them tell a place.</source>
            <translation>
                <numerusform>‏لا ملفات: ما يكشف منها مكانًا ⁨%1⁩.</numerusform>
                <numerusform>‏ملف واحد: ما يكشف منها مكانًا ⁨%1⁩.</numerusform>
                <numerusform>‏ملفان: ما يكشف منها مكانًا ⁨%1⁩.</numerusform>
                <numerusform>‏{n} ملفات: ما يكشف منها مكانًا ⁨%1⁩.</numerusform>
                <numerusform>‏{n} ملفًا: ما يكشف منها مكانًا ⁨%1⁩.</numerusform>
                <numerusform>‏{n} ملف: ما يكشف منها مكانًا ⁨%1⁩.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} foreign</source>
            <translation>
                <numerusform>غريب: {n}</numerusform>
                <numerusform>غريب: {n}</numerusform>
                <numerusform>غريب: {n}</numerusform>
                <numerusform>غريب: {n}</numerusform>
                <numerusform>غريب: {n}</numerusform>
                <numerusform>غريب: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} held</source>
            <translation>
                <numerusform>محتجزة: {n}</numerusform>
                <numerusform>محتجزة: {n}</numerusform>
                <numerusform>محتجزة: {n}</numerusform>
                <numerusform>محتجزة: {n}</numerusform>
                <numerusform>محتجزة: {n}</numerusform>
                <numerusform>محتجزة: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} held back</source>
            <translation>
                <numerusform>محجوزة: {n}</numerusform>
                <numerusform>محجوزة: {n}</numerusform>
                <numerusform>محجوزة: {n}</numerusform>
                <numerusform>محجوزة: {n}</numerusform>
                <numerusform>محجوزة: {n}</numerusform>
                <numerusform>محجوزة: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} in letters that nobody looked at: outbox letters</source>
            <translation>
                <numerusform>في رسائل لم ينظر إليها أحد: {n}: outbox letters</numerusform>
                <numerusform>في رسائل لم ينظر إليها أحد: {n}: outbox letters</numerusform>
                <numerusform>في رسائل لم ينظر إليها أحد: {n}: outbox letters</numerusform>
                <numerusform>في رسائل لم ينظر إليها أحد: {n}: outbox letters</numerusform>
                <numerusform>في رسائل لم ينظر إليها أحد: {n}: outbox letters</numerusform>
                <numerusform>في رسائل لم ينظر إليها أحد: {n}: outbox letters</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} left out</source>
            <translation>
                <numerusform>متروكة: {n}</numerusform>
                <numerusform>متروكة: {n}</numerusform>
                <numerusform>متروكة: {n}</numerusform>
                <numerusform>متروكة: {n}</numerusform>
                <numerusform>متروكة: {n}</numerusform>
                <numerusform>متروكة: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} letters</source>
            <translation>
                <numerusform>رسائل: {n}</numerusform>
                <numerusform>رسائل: {n}</numerusform>
                <numerusform>رسائل: {n}</numerusform>
                <numerusform>رسائل: {n}</numerusform>
                <numerusform>رسائل: {n}</numerusform>
                <numerusform>رسائل: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} letters. To send them: outbox letters --send</source>
            <translation>
                <numerusform>رسائل: {n}. لإرسالها: outbox letters --send</numerusform>
                <numerusform>رسائل: {n}. لإرسالها: outbox letters --send</numerusform>
                <numerusform>رسائل: {n}. لإرسالها: outbox letters --send</numerusform>
                <numerusform>رسائل: {n}. لإرسالها: outbox letters --send</numerusform>
                <numerusform>رسائل: {n}. لإرسالها: outbox letters --send</numerusform>
                <numerusform>رسائل: {n}. لإرسالها: outbox letters --send</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} lines</source>
            <translation>
                <numerusform>لا خطوط</numerusform>
                <numerusform>خط واحد</numerusform>
                <numerusform>خطان</numerusform>
                <numerusform>{n} خطوط</numerusform>
                <numerusform>{n} خطًا</numerusform>
                <numerusform>{n} خط</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} missing</source>
            <translation>
                <numerusform>مفقود: {n}</numerusform>
                <numerusform>مفقود: {n}</numerusform>
                <numerusform>مفقود: {n}</numerusform>
                <numerusform>مفقود: {n}</numerusform>
                <numerusform>مفقود: {n}</numerusform>
                <numerusform>مفقود: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} names are taken, and the delivery says not to begin then: see the plan.</source>
            <translation>
                <numerusform>مأخوذ: لا أسماء، والتسليم يقول ألا يُبدأ عندئذ: انظر الخطة.</numerusform>
                <numerusform>مأخوذ: اسم واحد، والتسليم يقول ألا يُبدأ عندئذ: انظر الخطة.</numerusform>
                <numerusform>مأخوذ: اسمان، والتسليم يقول ألا يُبدأ عندئذ: انظر الخطة.</numerusform>
                <numerusform>مأخوذ: {n} أسماء، والتسليم يقول ألا يُبدأ عندئذ: انظر الخطة.</numerusform>
                <numerusform>مأخوذ: {n} اسمًا، والتسليم يقول ألا يُبدأ عندئذ: انظر الخطة.</numerusform>
                <numerusform>مأخوذ: {n} اسم، والتسليم يقول ألا يُبدأ عندئذ: انظر الخطة.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} not reached</source>
            <translation>
                <numerusform>لم يُبلغ: {n}</numerusform>
                <numerusform>لم يُبلغ: {n}</numerusform>
                <numerusform>لم يُبلغ: {n}</numerusform>
                <numerusform>لم يُبلغ: {n}</numerusform>
                <numerusform>لم يُبلغ: {n}</numerusform>
                <numerusform>لم يُبلغ: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} of them tell a place.</source>
            <translation>
                <numerusform>منها ما يكشف مكانًا: {n}.</numerusform>
                <numerusform>منها ما يكشف مكانًا: {n}.</numerusform>
                <numerusform>منها ما يكشف مكانًا: {n}.</numerusform>
                <numerusform>منها ما يكشف مكانًا: {n}.</numerusform>
                <numerusform>منها ما يكشف مكانًا: {n}.</numerusform>
                <numerusform>منها ما يكشف مكانًا: {n}.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} originals</source>
            <translation>
                <numerusform>لا أصول</numerusform>
                <numerusform>أصل واحد</numerusform>
                <numerusform>أصلان</numerusform>
                <numerusform>{n} أصول</numerusform>
                <numerusform>{n} أصلًا</numerusform>
                <numerusform>{n} أصل</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} parts</source>
            <translation>
                <numerusform>لا أجزاء</numerusform>
                <numerusform>جزء واحد</numerusform>
                <numerusform>جزآن</numerusform>
                <numerusform>{n} أجزاء</numerusform>
                <numerusform>{n} جزءًا</numerusform>
                <numerusform>{n} جزء</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} parts found; {outcomes}.</source>
            <translation>
                <numerusform>أجزاء وُجدت: {n}؛ ⁨{outcomes}⁩.</numerusform>
                <numerusform>أجزاء وُجدت: {n}؛ ⁨{outcomes}⁩.</numerusform>
                <numerusform>أجزاء وُجدت: {n}؛ ⁨{outcomes}⁩.</numerusform>
                <numerusform>أجزاء وُجدت: {n}؛ ⁨{outcomes}⁩.</numerusform>
                <numerusform>أجزاء وُجدت: {n}؛ ⁨{outcomes}⁩.</numerusform>
                <numerusform>أجزاء وُجدت: {n}؛ ⁨{outcomes}⁩.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures</source>
            <translation>
                <numerusform>لا صور</numerusform>
                <numerusform>صورة واحدة</numerusform>
                <numerusform>صورتان</numerusform>
                <numerusform>{n} صور</numerusform>
                <numerusform>{n} صورة</numerusform>
                <numerusform>{n} صورة</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures are not where they were. The menu offers to find them again in another folder.</source>
            <translation>
                <numerusform>ليست حيث كانت: لا صور. تعرض القائمة العثور عليها في مجلد آخر.</numerusform>
                <numerusform>ليست حيث كانت: صورة واحدة. تعرض القائمة العثور عليها في مجلد آخر.</numerusform>
                <numerusform>ليست حيث كانت: صورتان. تعرض القائمة العثور عليها في مجلد آخر.</numerusform>
                <numerusform>ليست حيث كانت: {n} صور. تعرض القائمة العثور عليها في مجلد آخر.</numerusform>
                <numerusform>ليست حيث كانت: {n} صورة. تعرض القائمة العثور عليها في مجلد آخر.</numerusform>
                <numerusform>ليست حيث كانت: {n} صورة. تعرض القائمة العثور عليها في مجلد آخر.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures by "%1"…</source>
            <translation>
                <numerusform>‏لا صور حسب «⁨%1⁩»…</numerusform>
                <numerusform>‏صورة واحدة حسب «⁨%1⁩»…</numerusform>
                <numerusform>‏صورتان حسب «⁨%1⁩»…</numerusform>
                <numerusform>‏{n} صور حسب «⁨%1⁩»…</numerusform>
                <numerusform>‏{n} صورة حسب «⁨%1⁩»…</numerusform>
                <numerusform>‏{n} صورة حسب «⁨%1⁩»…</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures came to this job from outside, the others were in it already.</source>
            <translation>
                <numerusform>جاءت إلى هذه المهمة من الخارج لا صور، والباقي كان فيها من قبل.</numerusform>
                <numerusform>جاءت إلى هذه المهمة من الخارج صورة واحدة، والباقي كان فيها من قبل.</numerusform>
                <numerusform>جاءت إلى هذه المهمة من الخارج صورتان، والباقي كان فيها من قبل.</numerusform>
                <numerusform>جاءت إلى هذه المهمة من الخارج {n} صور، والباقي كان فيها من قبل.</numerusform>
                <numerusform>جاءت إلى هذه المهمة من الخارج {n} صورة، والباقي كان فيها من قبل.</numerusform>
                <numerusform>جاءت إلى هذه المهمة من الخارج {n} صورة، والباقي كان فيها من قبل.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures came to this job from outside; one undo takes them out again.</source>
            <translation>
                <numerusform>جاءت إلى هذه المهمة من الخارج لا صور؛ تراجُعٌ واحد يخرجها.</numerusform>
                <numerusform>جاءت إلى هذه المهمة من الخارج صورة واحدة؛ تراجُعٌ واحد يخرجها.</numerusform>
                <numerusform>جاءت إلى هذه المهمة من الخارج صورتان؛ تراجُعٌ واحد يخرجها.</numerusform>
                <numerusform>جاءت إلى هذه المهمة من الخارج {n} صور؛ تراجُعٌ واحد يخرجها.</numerusform>
                <numerusform>جاءت إلى هذه المهمة من الخارج {n} صورة؛ تراجُعٌ واحد يخرجها.</numerusform>
                <numerusform>جاءت إلى هذه المهمة من الخارج {n} صورة؛ تراجُعٌ واحد يخرجها.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures in %1</source>
            <translation>
                <numerusform>‏لا صور في ⁨%1⁩</numerusform>
                <numerusform>‏صورة واحدة في ⁨%1⁩</numerusform>
                <numerusform>‏صورتان في ⁨%1⁩</numerusform>
                <numerusform>‏{n} صور في ⁨%1⁩</numerusform>
                <numerusform>‏{n} صورة في ⁨%1⁩</numerusform>
                <numerusform>‏{n} صورة في ⁨%1⁩</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures, copies were made of {known}</source>
            <translation>
                <numerusform>لا صور، صُنعت نسخ من ⁨{known}⁩</numerusform>
                <numerusform>صورة واحدة، صُنعت نسخ من ⁨{known}⁩</numerusform>
                <numerusform>صورتان، صُنعت نسخ من ⁨{known}⁩</numerusform>
                <numerusform>{n} صور، صُنعت نسخ من ⁨{known}⁩</numerusform>
                <numerusform>{n} صورة، صُنعت نسخ من ⁨{known}⁩</numerusform>
                <numerusform>{n} صورة، صُنعت نسخ من ⁨{known}⁩</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pixels wide</source>
            <translation>
                <numerusform>العرض بالبكسل: {n}</numerusform>
                <numerusform>العرض بالبكسل: {n}</numerusform>
                <numerusform>العرض بالبكسل: {n}</numerusform>
                <numerusform>العرض بالبكسل: {n}</numerusform>
                <numerusform>العرض بالبكسل: {n}</numerusform>
                <numerusform>العرض بالبكسل: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} points</source>
            <translation>
                <numerusform>النقاط: {n}</numerusform>
                <numerusform>النقاط: {n}</numerusform>
                <numerusform>النقاط: {n}</numerusform>
                <numerusform>النقاط: {n}</numerusform>
                <numerusform>النقاط: {n}</numerusform>
                <numerusform>النقاط: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} rows {ledgers} forgotten. The pictures themselves stay where they are.</source>
            <translation>
                <numerusform>أسطر نُسيت: {n} ⁨{ledgers}⁩. الصور نفسها تبقى حيث هي.</numerusform>
                <numerusform>أسطر نُسيت: {n} ⁨{ledgers}⁩. الصور نفسها تبقى حيث هي.</numerusform>
                <numerusform>أسطر نُسيت: {n} ⁨{ledgers}⁩. الصور نفسها تبقى حيث هي.</numerusform>
                <numerusform>أسطر نُسيت: {n} ⁨{ledgers}⁩. الصور نفسها تبقى حيث هي.</numerusform>
                <numerusform>أسطر نُسيت: {n} ⁨{ledgers}⁩. الصور نفسها تبقى حيث هي.</numerusform>
                <numerusform>أسطر نُسيت: {n} ⁨{ledgers}⁩. الصور نفسها تبقى حيث هي.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} rows {ledgers} would go. Nothing is changed: say --yes to do it.</source>
            <translation>
                <numerusform>أسطر ستذهب: {n} ⁨{ledgers}⁩. لم يتغيّر شيء: اكتب --yes للتنفيذ.</numerusform>
                <numerusform>أسطر ستذهب: {n} ⁨{ledgers}⁩. لم يتغيّر شيء: اكتب --yes للتنفيذ.</numerusform>
                <numerusform>أسطر ستذهب: {n} ⁨{ledgers}⁩. لم يتغيّر شيء: اكتب --yes للتنفيذ.</numerusform>
                <numerusform>أسطر ستذهب: {n} ⁨{ledgers}⁩. لم يتغيّر شيء: اكتب --yes للتنفيذ.</numerusform>
                <numerusform>أسطر ستذهب: {n} ⁨{ledgers}⁩. لم يتغيّر شيء: اكتب --yes للتنفيذ.</numerusform>
                <numerusform>أسطر ستذهب: {n} ⁨{ledgers}⁩. لم يتغيّر شيء: اكتب --yes للتنفيذ.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} runs with {copies} joined, {known} here already.</source>
            <translation>
                <numerusform>تشغيلات ضُمّت: {n} وفيها ⁨{copies}⁩؛ موجود هنا من قبل: ⁨{known}⁩.</numerusform>
                <numerusform>تشغيلات ضُمّت: {n} وفيها ⁨{copies}⁩؛ موجود هنا من قبل: ⁨{known}⁩.</numerusform>
                <numerusform>تشغيلات ضُمّت: {n} وفيها ⁨{copies}⁩؛ موجود هنا من قبل: ⁨{known}⁩.</numerusform>
                <numerusform>تشغيلات ضُمّت: {n} وفيها ⁨{copies}⁩؛ موجود هنا من قبل: ⁨{known}⁩.</numerusform>
                <numerusform>تشغيلات ضُمّت: {n} وفيها ⁨{copies}⁩؛ موجود هنا من قبل: ⁨{known}⁩.</numerusform>
                <numerusform>تشغيلات ضُمّت: {n} وفيها ⁨{copies}⁩؛ موجود هنا من قبل: ⁨{known}⁩.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} sent</source>
            <translation>
                <numerusform>مرسلة: {n}</numerusform>
                <numerusform>مرسلة: {n}</numerusform>
                <numerusform>مرسلة: {n}</numerusform>
                <numerusform>مرسلة: {n}</numerusform>
                <numerusform>مرسلة: {n}</numerusform>
                <numerusform>مرسلة: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} that can't be read</source>
            <translation>
                <numerusform>لا تمكن قراءته: {n}</numerusform>
                <numerusform>لا تمكن قراءته: {n}</numerusform>
                <numerusform>لا تمكن قراءته: {n}</numerusform>
                <numerusform>لا تمكن قراءته: {n}</numerusform>
                <numerusform>لا تمكن قراءته: {n}</numerusform>
                <numerusform>لا تمكن قراءته: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} untouched</source>
            <translation>
                <numerusform>كما هو: {n}</numerusform>
                <numerusform>كما هو: {n}</numerusform>
                <numerusform>كما هو: {n}</numerusform>
                <numerusform>كما هو: {n}</numerusform>
                <numerusform>كما هو: {n}</numerusform>
                <numerusform>كما هو: {n}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} waiting</source>
            <translation>
                <numerusform>منتظرة: {n}</numerusform>
                <numerusform>منتظرة: {n}</numerusform>
                <numerusform>منتظرة: {n}</numerusform>
                <numerusform>منتظرة: {n}</numerusform>
                <numerusform>منتظرة: {n}</numerusform>
                <numerusform>منتظرة: {n}</numerusform>
            </translation>
        </message>
        <message>
            <source>{option} has to be given</source>
            <translation>يجب ذكر ⁨{option}⁩</translation>
        </message>
        <message>
            <source>{option} is one of {choices}, not {value}</source>
            <translation>⁨{option}⁩ واحد من ⁨{choices}⁩ لا ⁨{value}⁩</translation>
        </message>
        <message>
            <source>{option} is {least} to {most}, not {value}</source>
            <translation>⁨{option}⁩ من ⁨{least}⁩ إلى ⁨{most}⁩، لا ⁨{value}⁩</translation>
        </message>
        <message>
            <source>{option} needs a value</source>
            <translation>⁨{option}⁩ يلزمه قيمة</translation>
        </message>
        <message>
            <source>{option} needs {other}</source>
            <translation>⁨{option}⁩ يلزمه ⁨{other}⁩</translation>
        </message>
        <message>
            <source>{outcomes}. They are in {folder}</source>
            <translation>⁨{outcomes}⁩. هي في ⁨{folder}⁩</translation>
        </message>
        <message numerus="yes">
            <source>{parts} and {n} more</source>
            <translation>
                <numerusform>⁨{parts}⁩ و{n} أخرى</numerusform>
                <numerusform>⁨{parts}⁩ و{n} أخرى</numerusform>
                <numerusform>⁨{parts}⁩ و{n} أخرى</numerusform>
                <numerusform>⁨{parts}⁩ و{n} أخرى</numerusform>
                <numerusform>⁨{parts}⁩ و{n} أخرى</numerusform>
                <numerusform>⁨{parts}⁩ و{n} أخرى</numerusform>
            </translation>
        </message>
        <message>
            <source>{pixels} high</source>
            <translation>ارتفاع ⁨{pixels}⁩</translation>
        </message>
        <message>
            <source>{pixels} on the long side</source>
            <translation>⁨{pixels}⁩ على الضلع الطويل</translation>
        </message>
        <message>
            <source>{pixels} on the short side</source>
            <translation>⁨{pixels}⁩ على الضلع القصير</translation>
        </message>
        <message>
            <source>{pixels} wide</source>
            <translation>عرض ⁨{pixels}⁩</translation>
        </message>
        <message>
            <source>{place}: a directory that makes no sense</source>
            <translation>⁨{place}⁩: دليل لا معنى له</translation>
        </message>
        <message>
            <source>{place}: no TIFF header</source>
            <translation>⁨{place}⁩: لا ترويسة TIFF</translation>
        </message>
        <message>
            <source>{sizes}, about {bytes}</source>
            <translation>⁨{sizes}⁩، حوالي ⁨{bytes}⁩</translation>
        </message>
        <message>
            <source>{station}: its design was changed</source>
            <translation>⁨{station}⁩: تغيّر تصميمها</translation>
        </message>
        <message>
            <source>{station}: {setting} {is}, was {was}</source>
            <translation>⁨{station}⁩: ⁨{setting}⁩ ⁨{is}⁩، وكان ⁨{was}⁩</translation>
        </message>
        <message>
            <source>{subject} stays behind: what stands there is no value of its kind, or tells a place</source>
            <translation>يبقى ⁨{subject}⁩ في الخلف: ما فيه ليس قيمة من نوعه، أو يكشف مكانًا</translation>
        </message>
        <message>
            <source>{title|{name}}</source>
            <translation>{title|{name}}</translation>
        </message>
        <message>
            <source>{to} is not there as it was sent</source>
            <translation>⁨{to}⁩ ليس هناك كما أُرسل</translation>
        </message>
        <message>
            <source>{up} pictures a page are not possible</source>
            <translation>لا يمكن ⁨{up}⁩ صور في الصفحة</translation>
        </message>
        <message>
            <source>{value} is not allowed</source>
            <translation>⁨{value}⁩ غير مسموح</translation>
        </message>
        <message>
            <source>{what}: nothing came or went for {seconds} seconds</source>
            <translation>⁨{what}⁩: لم يأت ولم يذهب شيء مدة ⁨{seconds}⁩ ثانية</translation>
        </message>
        <message>
            <source>{what}: the letter is larger than the server takes, or the receiver's box is full</source>
            <translation>⁨{what}⁩: الرسالة أكبر مما يأخذه الخادم، أو صندوق المستلم ممتلئ</translation>
        </message>
        <message>
            <source>{what}: the line broke, or the server does not answer ({told})</source>
            <translation>⁨{what}⁩: انقطع الخط أو لا يجيب الخادم (⁨{told}⁩)</translation>
        </message>
        <message>
            <source>{what}: the server answered with {status}</source>
            <translation>⁨{what}⁩: أجاب الخادم بـ ⁨{status}⁩</translation>
        </message>
        <message>
            <source>{what}: the server answered with {status}, as for an address that it does not know or let through</source>
            <translation>⁨{what}⁩: أجاب الخادم بـ ⁨{status}⁩، كما لعنوان لا يعرفه أو لا يسمح به</translation>
        </message>
        <message>
            <source>{what}: the server does not allow it ({told})</source>
            <translation>⁨{what}⁩: لا يسمح الخادم بذلك (⁨{told}⁩)</translation>
        </message>
        <message>
            <source>{what}: the server is full</source>
            <translation>⁨{what}⁩: الخادم ممتلئ</translation>
        </message>
        <message>
            <source>{width} × {height} pixels</source>
            <translation>⁦{width} × {height}⁩ بكسل</translation>
        </message>
        <message>
            <source>{width} × {height} {unit} on paper</source>
            <translation>⁦{width} × {height}⁩ ⁨{unit}⁩ على الورق</translation>
        </message>
        <message>
            <source>{width} × {height} {unit} on paper, filled</source>
            <translation>⁦{width} × {height}⁩ ⁨{unit}⁩ على الورق، ممتلئ</translation>
        </message>
        <message>
            <source>{width} × {height} {unit} on paper, padded</source>
            <translation>⁦{width} × {height}⁩ ⁨{unit}⁩ على الورق، مملوء</translation>
        </message>
        <message>
            <source>{worst} of 100 at worst, {mean} on average</source>
            <translation>⁨{worst}⁩ من 100 في أسوأ حال، ⁨{mean}⁩ في المتوسط</translation>
        </message>
        <message>
            <source>{{{subject}} stands for {meaning}, which is not said yet</source>
            <translation>‏{{{subject}} ينوب عن ⁨{meaning}⁩، ولم يُقل بعد</translation>
        </message>
        <message>
            <source>© with the year it was taken and the creator that is already in the picture</source>
            <translation>© مع سنة الالتقاط والمنشئ المذكور في الصورة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::AdviceBox</name>
        <message>
            <source>%1, %2 of 100: %3</source>
            <translation>⁨%1⁩، ⁨%2⁩ من 100: ⁨%3⁩</translation>
        </message>
        <message>
            <source>%1, not worked out yet</source>
            <translation>⁨%1⁩، لم يُحسب بعد</translation>
        </message>
        <message>
            <source>%1: %2
structure %3 · readable %4 · kept by crops %5 · clear of the subject %6
Lost by: %7</source>
            <translation>⁨%1⁩: ⁨%2⁩
البنية ⁨%3⁩ · القراءة ⁨%4⁩ · بقاؤه في الاقتصاص ⁨%5⁩ · بعده عن الموضوع ⁨%6⁩
يضيع في: ⁨%7⁩</translation>
        </message>
        <message>
            <source>&lt;b&gt;%1&lt;/b&gt;: %2.</source>
            <translation>&lt;b&gt;%1&lt;/b&gt;: %2.</translation>
        </message>
        <message>
            <source>A pattern all over needs no place.</source>
            <translation>النمط الذي يغطي الكل لا يحتاج إلى موضع.</translation>
        </message>
        <message>
            <source>Advice on the place</source>
            <translation>نصيحة بالموضع</translation>
        </message>
        <message>
            <source>Being worked out.</source>
            <translation>قيد الحساب.</translation>
        </message>
        <message>
            <source>Better: %1, %2 points against %3.</source>
            <translation>الأفضل: ⁨%1⁩، ⁨%2⁩ نقطة مقابل ⁨%3⁩.</translation>
        </message>
        <message>
            <source>Choose a picture of yours as the ground.</source>
            <translation>اختر صورة من صورك خلفية.</translation>
        </message>
        <message>
            <source>Place for me, picture by picture</source>
            <translation>ضعه عني، صورة بصورة</translation>
        </message>
        <message>
            <source>Scores of the nine places, out of 100</source>
            <translation>نقاط المواضع التسعة، من 100</translation>
        </message>
        <message>
            <source>Takes the best of the allowed places for each picture; see Placing</source>
            <translation>يأخذ أفضل المواضع المسموحة لكل صورة؛ انظر «الوضع»</translation>
        </message>
        <message>
            <source>The seal stands at a point of its own.</source>
            <translation>الختم في نقطة خاصة به.</translation>
        </message>
        <message>
            <source>moving the seal</source>
            <translation>تحريك الختم</translation>
        </message>
        <message>
            <source>none of the usual crops</source>
            <translation>لا شيء من الاقتصاصات المعتادة</translation>
        </message>
        <message>
            <source>nothing against it</source>
            <translation>لا مانع منه</translation>
        </message>
        <message>
            <source>placing for me</source>
            <translation>وضع تلقائي</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::AlbumDialog</name>
        <message>
            <source>A sentence under the title</source>
            <translation>جملة تحت العنوان</translation>
        </message>
        <message>
            <source>A web album</source>
            <translation>ألبوم للويب</translation>
        </message>
        <message>
            <source>About it</source>
            <translation>نبذة عنه</translation>
        </message>
        <message>
            <source>Ask search engines to pass by</source>
            <translation>اطلب من محركات البحث أن تتجاوزه</translation>
        </message>
        <message>
            <source>Choose…</source>
            <translation>اختر…</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>أغلق</translation>
        </message>
        <message>
            <source>Copies of</source>
            <translation>نسخ</translation>
        </message>
        <message>
            <source>Left out: %1</source>
            <translation>تُركت: ⁨%1⁩</translation>
        </message>
        <message>
            <source>Make the album</source>
            <translation>اصنع الألبوم</translation>
        </message>
        <message>
            <source>Making the album…</source>
            <translation>جارٍ صنع الألبوم…</translation>
        </message>
        <message>
            <source>New folder</source>
            <translation>مجلد جديد</translation>
        </message>
        <message>
            <source>Open it</source>
            <translation>افتحه</translation>
        </message>
        <message>
            <source>Pictures</source>
            <translation>الصور</translation>
        </message>
        <message>
            <source>Pictures that are in the album</source>
            <translation>الصور التي في الألبوم</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>أوقف</translation>
        </message>
        <message>
            <source>The album's folder is made in</source>
            <translation>يُصنع مجلد الألبوم في</translation>
        </message>
        <message>
            <source>The copies can be downloaded</source>
            <translation>يمكن تنزيل النسخ</translation>
        </message>
        <message>
            <source>Title</source>
            <translation>العنوان</translation>
        </message>
        <message>
            <source>and %1 more</source>
            <translation>و⁨%1⁩ أخرى</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::AnswerView</name>
        <message>
            <source>Back to the register</source>
            <translation>عودة إلى السجل</translation>
        </message>
        <message>
            <source>Looking…</source>
            <translation>جارٍ البحث…</translation>
        </message>
        <message>
            <source>Pictures that were met</source>
            <translation>صور صادفتَها</translation>
        </message>
        <message>
            <source>Save a report…</source>
            <translation>احفظ تقريرًا…</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>أوقف</translation>
        </message>
        <message>
            <source>What the chosen picture is</source>
            <translation>ما هي الصورة المختارة</translation>
        </message>
        <message>
            <source>as it was met</source>
            <translation>كما صادفتَها</translation>
        </message>
        <message>
            <source>the picture on the clipboard</source>
            <translation>الصورة التي في الحافظة</translation>
        </message>
        <message>
            <source>what left</source>
            <translation>ما خرج</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::ArrivalDialog</name>
        <message>
            <source>%1, here as “%2”: you have one of that name, it stays as it is</source>
            <translation>⁨%1⁩، هنا باسم «⁨%2⁩»: لديك واحد بهذا الاسم ويبقى كما هو</translation>
        </message>
        <message>
            <source>Colour profiles</source>
            <translation>ملفات الألوان</translation>
        </message>
        <message>
            <source>Leave it</source>
            <translation>اتركه</translation>
        </message>
        <message>
            <source>Logos</source>
            <translation>الشعارات</translation>
        </message>
        <message>
            <source>Nothing of yours is replaced.</source>
            <translation>لا يُستبدل شيء مما لديك.</translation>
        </message>
        <message>
            <source>One seal</source>
            <translation>ختم واحد</translation>
        </message>
        <message>
            <source>Take it in</source>
            <translation>أدخله</translation>
        </message>
        <message>
            <source>Typefaces, where you have none of their name</source>
            <translation>الخطوط التي ليس لديك مثل اسمها</translation>
        </message>
        <message>
            <source>What would come in</source>
            <translation>ما سيدخل</translation>
        </message>
        <message>
            <source>“%1” wants its copies to tell where the pictures were taken. It comes in with that closed; only you can open it, at its station Privacy.</source>
            <translation>«⁨%1⁩» يريد أن تكشف نسخه أين التُقطت الصور. يدخل وذلك مغلق؛ وحدك تستطيع فتحه، في محطة الخصوصية.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::AttackCard</name>
        <message>
            <source>%1 of 100</source>
            <translation>⁨%1⁩ من 100</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>⁨%1⁩: ⁨%2⁩</translation>
        </message>
        <message>
            <source>%1: %2 of 100 at worst</source>
            <translation>⁨%1⁩: ⁨%2⁩ من 100 في أسوأ الأحوال</translation>
        </message>
        <message>
            <source>not tried</source>
            <translation>لم يُجرّب</translation>
        </message>
        <message>
            <source>…</source>
            <translation>…</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::BorderChooser</name>
        <message>
            <source>Against it</source>
            <translation>المقابل</translation>
        </message>
        <message>
            <source>As it is now</source>
            <translation>كما هو الآن</translation>
        </message>
        <message>
            <source>Border of %1</source>
            <translation>إطار ⁨%1⁩</translation>
        </message>
        <message>
            <source>Borders on this picture</source>
            <translation>الأطر على هذه الصورة</translation>
        </message>
        <message>
            <source>Borders to choose from</source>
            <translation>أطر للاختيار</translation>
        </message>
        <message>
            <source>Keep the left one</source>
            <translation>أبقِ الأيسر</translation>
        </message>
        <message>
            <source>Leave as it is</source>
            <translation>اتركه كما هو</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>الاسم</translation>
        </message>
        <message>
            <source>Remove</source>
            <translation>أزل</translation>
        </message>
        <message>
            <source>Take the left one</source>
            <translation>خذ الأيسر</translation>
        </message>
        <message>
            <source>Take the right one</source>
            <translation>خذ الأيمن</translation>
        </message>
        <message>
            <source>name to keep it under</source>
            <translation>الاسم الذي يُحفظ به</translation>
        </message>
        <message>
            <source>the same, other widths</source>
            <translation>نفسه بعروض أخرى</translation>
        </message>
        <message>
            <source>“%1” is in the library.</source>
            <translation>«⁨%1⁩» في المكتبة.</translation>
        </message>
        <message>
            <source>“%1” was set aside; it lies in removed/.</source>
            <translation>وُضع «⁨%1⁩» جانبًا؛ تجده في removed/.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::BorderEditor</name>
        <message>
            <source>%1 (%2 of %3)</source>
            <translation>⁨%1⁩ (⁨%2⁩ من ⁨%3⁩)</translation>
        </message>
        <message>
            <source>Add a ring</source>
            <translation>أضف حلقة</translation>
        </message>
        <message>
            <source>Choose a picture to see its sizes.</source>
            <translation>اختر صورة لترى مقاساتها.</translation>
        </message>
        <message>
            <source>Further outwards</source>
            <translation>أبعد إلى الخارج</translation>
        </message>
        <message>
            <source>Nearer to the picture</source>
            <translation>أقرب إلى الصورة</translation>
        </message>
        <message>
            <source>No ring yet</source>
            <translation>لا حلقة بعد</translation>
        </message>
        <message>
            <source>Remove this ring</source>
            <translation>أزل هذه الحلقة</translation>
        </message>
        <message>
            <source>Sizes of picture, border and whole</source>
            <translation>مقاسات الصورة والإطار والكل</translation>
        </message>
        <message>
            <source>Take this ring's colour from the picture</source>
            <translation>خذ لون هذه الحلقة من الصورة</translation>
        </message>
        <message>
            <source>adding a ring</source>
            <translation>إضافة حلقة</translation>
        </message>
        <message>
            <source>changing “%1”</source>
            <translation>تغيير «⁨%1⁩»</translation>
        </message>
        <message>
            <source>drawing a ring</source>
            <translation>سحب حلقة</translation>
        </message>
        <message>
            <source>moving a ring</source>
            <translation>تحريك حلقة</translation>
        </message>
        <message>
            <source>removing a ring</source>
            <translation>إزالة حلقة</translation>
        </message>
        <message>
            <source>taking a colour from the picture</source>
            <translation>أخذ لون من الصورة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::BorderPane</name>
        <message>
            <source>%1 × %2 mm, ratio %3</source>
            <translation>⁦%1 × %2⁩ مم، النسبة ⁨%3⁩</translation>
        </message>
        <message>
            <source>All widths</source>
            <translation>كل العروض</translation>
        </message>
        <message>
            <source>picture %1 × %2 px
border %3 left, %4 top, %5 right, %6 bottom
whole %7 × %8 px, %9</source>
            <translation>الصورة ⁦%1 × %2⁩ بكسل
الإطار ⁨%3⁩ يسارًا، ⁨%4⁩ أعلى، ⁨%5⁩ يمينًا، ⁨%6⁩ أسفل
الكل ⁦%7 × %8⁩ بكسل، ⁨%9⁩</translation>
        </message>
        <message>
            <source>without a name</source>
            <translation>بلا اسم</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::CardKeys</name>
        <message>
            <source>%1 is for "%2".</source>
            <translation>⁨%1⁩ لأجل «⁨%2⁩».</translation>
        </message>
        <message>
            <source>%1 is the desktop's, or means something else on pictures.</source>
            <translation>⁨%1⁩ يخص سطح المكتب، أو له معنى آخر على الصور.</translation>
        </message>
        <message>
            <source>%1 is the key of "%2".</source>
            <translation>⁨%1⁩ هو مفتاح «⁨%2⁩».</translation>
        </message>
        <message>
            <source>A key for "%1"</source>
            <translation>مفتاح لأجل «⁨%1⁩»</translation>
        </message>
        <message>
            <source>A key for this delivery…</source>
            <translation>مفتاح لهذا التسليم…</translation>
        </message>
        <message>
            <source>It stamps the chosen pictures by this delivery, at once, wherever pictures have the focus. Press the key, as in Ctrl+1 or F9.</source>
            <translation>يختم الصور المختارة بهذا التسليم فورًا، حيثما كان التركيز على الصور. اضغط المفتاح، مثل Ctrl+1 أو F9.</translation>
        </message>
        <message>
            <source>Key</source>
            <translation>المفتاح</translation>
        </message>
        <message>
            <source>No key</source>
            <translation>بلا مفتاح</translation>
        </message>
        <message>
            <source>Stamp the chosen pictures by "%1"</source>
            <translation>اختم الصور المختارة حسب «⁨%1⁩»</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::CellDelegate</name>
        <message>
            <source>nothing</source>
            <translation>لا شيء</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::ChainView</name>
        <message>
            <source>%1 MP</source>
            <translation>⁨%L1⁩ ميغابكسل</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>⁨%1⁩ من ⁨%2⁩</translation>
        </message>
        <message>
            <source>Chain of stations</source>
            <translation>سلسلة المحطات</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>الأصل</translation>
        </message>
        <message>
            <source>being read</source>
            <translation>قيد القراءة</translation>
        </message>
        <message>
            <source>cannot be read</source>
            <translation>لا تُقرأ</translation>
        </message>
        <message>
            <source>choose a folder</source>
            <translation>اختر مجلدًا</translation>
        </message>
        <message>
            <source>choose a format</source>
            <translation>اختر صيغة</translation>
        </message>
        <message>
            <source>developed</source>
            <translation>مُظهَّرة</translation>
        </message>
        <message>
            <source>enlarged to %1 %</source>
            <translation>مكبّرة إلى ⁨%1⁩ %</translation>
        </message>
        <message>
            <source>no picture yet</source>
            <translation>لا صورة بعد</translation>
        </message>
        <message>
            <source>the camera's own</source>
            <translation>صورة الكاميرا</translation>
        </message>
        <message>
            <source>the place is told</source>
            <translation>المكان مكشوف</translation>
        </message>
        <message>
            <source>turned upright</source>
            <translation>أُقيمت</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::CheckModel</name>
        <message>
            <source>%1 : 1</source>
            <translation>⁦%L1 : 1⁩</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>النسخة</translation>
        </message>
        <message>
            <source>Delivery</source>
            <translation>التسليم</translation>
        </message>
        <message>
            <source>Folder</source>
            <translation>المجلد</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>الأصل</translation>
        </message>
        <message>
            <source>Pixels</source>
            <translation>البكسلات</translation>
        </message>
        <message>
            <source>Place</source>
            <translation>مكان الالتقاط</translation>
        </message>
        <message>
            <source>Plan</source>
            <translation>الخطة</translation>
        </message>
        <message>
            <source>Result</source>
            <translation>النتيجة</translation>
        </message>
        <message>
            <source>Rights</source>
            <translation>الحقوق</translation>
        </message>
        <message>
            <source>Seal</source>
            <translation>الختم</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>الحجم</translation>
        </message>
        <message>
            <source>about %1</source>
            <translation>حوالي ⁨%1⁩</translation>
        </message>
        <message>
            <source>already there</source>
            <translation>موجودة من قبل</translation>
        </message>
        <message>
            <source>as it was</source>
            <translation>كما كان</translation>
        </message>
        <message>
            <source>changed</source>
            <translation>تغيّر</translation>
        </message>
        <message>
            <source>failed</source>
            <translation>فشل</translation>
        </message>
        <message>
            <source>held back</source>
            <translation>محجوزة</translation>
        </message>
        <message>
            <source>held back: %1</source>
            <translation>محجوزة: ⁨%1⁩</translation>
        </message>
        <message>
            <source>in your words</source>
            <translation>في كلماتك</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>متروكة</translation>
        </message>
        <message>
            <source>left out: %1</source>
            <translation>متروكة: ⁨%1⁩</translation>
        </message>
        <message>
            <source>made</source>
            <translation>صُنعت</translation>
        </message>
        <message>
            <source>made, replaced</source>
            <translation>صُنعت، واستُبدلت</translation>
        </message>
        <message>
            <source>made; %1</source>
            <translation>صُنعت؛ ⁨%1⁩</translation>
        </message>
        <message>
            <source>none</source>
            <translation>لا شيء</translation>
        </message>
        <message>
            <source>none written</source>
            <translation>لم يُكتب شيء</translation>
        </message>
        <message>
            <source>not reached</source>
            <translation>لم يُبلغ</translation>
        </message>
        <message>
            <source>on it</source>
            <translation>عليها</translation>
        </message>
        <message>
            <source>removed</source>
            <translation>أُزيل</translation>
        </message>
        <message>
            <source>the name is taken: the run will not begin</source>
            <translation>الاسم مأخوذ: لن يبدأ التشغيل</translation>
        </message>
        <message>
            <source>told, as asked</source>
            <translation>كُشف كما طُلب</translation>
        </message>
        <message>
            <source>will be made</source>
            <translation>ستُصنع</translation>
        </message>
        <message>
            <source>written</source>
            <translation>كُتب</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::CheckView</name>
        <message>
            <source>%1 (%2)</source>
            <translation>%1 (%2)</translation>
        </message>
        <message>
            <source>100 %</source>
            <translation>100 %</translation>
        </message>
        <message>
            <source>200 %</source>
            <translation>200 %</translation>
        </message>
        <message>
            <source>A contact sheet, a web album or a table of this run, to send or to file</source>
            <translation>ورقة مصغّرات أو ألبوم للويب أو جدول لهذا التشغيل، للإرسال أو للحفظ</translation>
        </message>
        <message>
            <source>Accepted</source>
            <translation>مقبول</translation>
        </message>
        <message>
            <source>Again with</source>
            <translation>مرة أخرى مع</translation>
        </message>
        <message>
            <source>All (%1)</source>
            <translation>الكل (⁨%1⁩)</translation>
        </message>
        <message>
            <source>All that is known of the chosen copy</source>
            <translation>كل ما يُعرف عن النسخة المختارة</translation>
        </message>
        <message>
            <source>Already there or left out</source>
            <translation>موجودة من قبل أو متروكة</translation>
        </message>
        <message>
            <source>Change something for the chosen pictures and stamp just these again</source>
            <translation>غيّر شيئًا للصور المختارة واختمها وحدها مرة أخرى</translation>
        </message>
        <message>
            <source>Contact sheet as PDF…</source>
            <translation>ورقة مصغّرات PDF…</translation>
        </message>
        <message>
            <source>Contact sheet as a web page…</source>
            <translation>ورقة مصغّرات صفحة ويب…</translation>
        </message>
        <message>
            <source>Copies</source>
            <translation>النسخ</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>النسخة</translation>
        </message>
        <message>
            <source>Copy the chosen copies</source>
            <translation>انسخ النسخ المختارة</translation>
        </message>
        <message>
            <source>Deliver all the same</source>
            <translation>سلّم رغم ذلك</translation>
        </message>
        <message>
            <source>Find a name, a folder, a note</source>
            <translation>ابحث عن اسم أو مجلد أو ملاحظة</translation>
        </message>
        <message>
            <source>Find copies</source>
            <translation>ابحث عن نسخ</translation>
        </message>
        <message>
            <source>Fine</source>
            <translation>سليمة</translation>
        </message>
        <message>
            <source>Fit</source>
            <translation>ملاءمة</translation>
        </message>
        <message>
            <source>Four pictures a page…</source>
            <translation>أربع صور في الصفحة…</translation>
        </message>
        <message>
            <source>Go to %1</source>
            <translation>اذهب إلى ⁨%1⁩</translation>
        </message>
        <message>
            <source>Go to where the cause lies</source>
            <translation>اذهب إلى موضع السبب</translation>
        </message>
        <message>
            <source>Held back</source>
            <translation>محجوزة</translation>
        </message>
        <message>
            <source>Ledger as a table (CSV)…</source>
            <translation>الدفتر جدولًا (CSV)…</translation>
        </message>
        <message>
            <source>Left out</source>
            <translation>متروكة</translation>
        </message>
        <message>
            <source>Look</source>
            <translation>انظر</translation>
        </message>
        <message>
            <source>Loupe: %1</source>
            <translation>العدسة: ⁨%1⁩</translation>
        </message>
        <message>
            <source>Make the chosen copies in spite of what they lack; the ledger says so</source>
            <translation>اصنع النسخ المختارة رغم ما ينقصها؛ والدفتر يذكر ذلك</translation>
        </message>
        <message>
            <source>Mend it</source>
            <translation>أصلحه</translation>
        </message>
        <message>
            <source>Nine pictures a page…</source>
            <translation>تسع صور في الصفحة…</translation>
        </message>
        <message>
            <source>Not reached</source>
            <translation>لم يُبلغ</translation>
        </message>
        <message>
            <source>Note</source>
            <translation>ملاحظة</translation>
        </message>
        <message>
            <source>One picture a page…</source>
            <translation>صورة واحدة في الصفحة…</translation>
        </message>
        <message>
            <source>Open folder</source>
            <translation>افتح المجلد</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>الأصل</translation>
        </message>
        <message>
            <source>Print proof sheets</source>
            <translation>اطبع أوراق البروفات</translation>
        </message>
        <message>
            <source>Problem</source>
            <translation>مشكلة</translation>
        </message>
        <message>
            <source>Problems</source>
            <translation>المشكلات</translation>
        </message>
        <message>
            <source>Proof sheets for print</source>
            <translation>أوراق بروفات للطباعة</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>التقرير</translation>
        </message>
        <message>
            <source>SHA-256</source>
            <translation>SHA-256</translation>
        </message>
        <message>
            <source>Say who you are…</source>
            <translation>قل من أنت…</translation>
        </message>
        <message>
            <source>Seal</source>
            <translation>الختم</translation>
        </message>
        <message>
            <source>Sent</source>
            <translation>أُرسلت</translation>
        </message>
        <message>
            <source>To be made</source>
            <translation>للصنع</translation>
        </message>
        <message>
            <source>Two pictures a page…</source>
            <translation>صورتان في الصفحة…</translation>
        </message>
        <message>
            <source>Web album…</source>
            <translation>ألبوم للويب…</translation>
        </message>
        <message>
            <source>Which copies are shown</source>
            <translation>أي النسخ تظهر</translation>
        </message>
        <message>
            <source>Worth a look</source>
            <translation>تستحق النظر</translation>
        </message>
        <message>
            <source>Written</source>
            <translation>المكتوب</translation>
        </message>
        <message>
            <source>contrast %1 : 1 as measured</source>
            <translation>التباين ⁦%L1 : 1⁩ كما قيس</translation>
        </message>
        <message>
            <source>none</source>
            <translation>لا شيء</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::ColourControl</name>
        <message>
            <source>Choose any colour</source>
            <translation>اختر أي لون</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::CompareDeliveries</name>
        <message>
            <source>%1, as kept</source>
            <translation>⁨%1⁩، كما حُفظ</translation>
        </message>
        <message>
            <source>Left delivery</source>
            <translation>التسليم الأيسر</translation>
        </message>
        <message>
            <source>Right delivery</source>
            <translation>التسليم الأيمن</translation>
        </message>
        <message>
            <source>The two are the same.</source>
            <translation>الاثنان متماثلان.</translation>
        </message>
        <message>
            <source>Two deliveries of %1</source>
            <translation>تسليمان لصورة ⁨%1⁩</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::CropView</name>
        <message>
            <source>%1 · %2 % from the left, %3 % from the top</source>
            <translation>⁨%1⁩ · ⁨%2⁩ % من اليسار، ⁨%3⁩ % من الأعلى</translation>
        </message>
        <message>
            <source>Crop of one picture</source>
            <translation>اقتصاص صورة واحدة</translation>
        </message>
        <message>
            <source>cropping this picture</source>
            <translation>اقتصاص هذه الصورة</translation>
        </message>
        <message>
            <source>taking back this picture's crop</source>
            <translation>إلغاء اقتصاص هذه الصورة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::DeliveriesBar</name>
        <message>
            <source> · %1</source>
            <translation> · %1</translation>
        </message>
        <message>
            <source>Deliveries</source>
            <translation>التسليمات</translation>
        </message>
        <message>
            <source>Menu</source>
            <translation>القائمة</translation>
        </message>
        <message>
            <source>New delivery</source>
            <translation>تسليم جديد</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>أعد</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>تراجع</translation>
        </message>
        <message>
            <source>no pictures yet</source>
            <translation>لا صور بعد</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::DeliveryCard</name>
        <message>
            <source>  and %1 more</source>
            <translation>  و⁨%1⁩ أخرى</translation>
        </message>
        <message>
            <source>%1 held back</source>
            <translation>⁨%1⁩ محجوزة</translation>
        </message>
        <message>
            <source>%1 in the next run</source>
            <translation>⁨%1⁩ في التشغيل التالي</translation>
        </message>
        <message>
            <source>%1 px</source>
            <translation>⁨%1⁩ بكسل</translation>
        </message>
        <message>
            <source>, changed</source>
            <translation>، تغيّر</translation>
        </message>
        <message>
            <source>Changed since it was kept:</source>
            <translation>ما تغيّر منذ حُفظ:</translation>
        </message>
        <message>
            <source>Delivery %1</source>
            <translation>التسليم ⁨%1⁩</translation>
        </message>
        <message>
            <source>F2 renames, the right button offers more, dragging changes the order</source>
            <translation>‏F2 يغيّر الاسم، والزر الأيمن يعرض المزيد، والسحب يغيّر الترتيب</translation>
        </message>
        <message>
            <source>In the next run</source>
            <translation>في التشغيل التالي</translation>
        </message>
        <message>
            <source>TELLS THE PLACE</source>
            <translation>يكشف المكان</translation>
        </message>
        <message>
            <source>changed</source>
            <translation>تغيّر</translation>
        </message>
        <message>
            <source>not in the next run</source>
            <translation>ليس في التشغيل التالي</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::DeliveryDesk</name>
        <message>
            <source>Choose a picture first: deliveries are compared on it.</source>
            <translation>اختر صورة أولًا: تُقارن التسليمات عليها.</translation>
        </message>
        <message>
            <source>Compare two deliveries…</source>
            <translation>قارن تسليمين…</translation>
        </message>
        <message>
            <source>Deliveries (*.json)</source>
            <translation>تسليمات (*.json)</translation>
        </message>
        <message>
            <source>Duplicate</source>
            <translation>كرّر</translation>
        </message>
        <message>
            <source>Keep the delivery</source>
            <translation>احفظ التسليم</translation>
        </message>
        <message>
            <source>Kept by you</source>
            <translation>حفظتَها أنت</translation>
        </message>
        <message>
            <source>Like the chosen one</source>
            <translation>مثل المختار</translation>
        </message>
        <message>
            <source>Move to the left</source>
            <translation>انقل إلى اليسار</translation>
        </message>
        <message>
            <source>Move to the right</source>
            <translation>انقل إلى اليمين</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>الاسم</translation>
        </message>
        <message>
            <source>Notes</source>
            <translation>ملاحظات</translation>
        </message>
        <message>
            <source>Notes and tags</source>
            <translation>ملاحظات ووسوم</translation>
        </message>
        <message>
            <source>Notes and tags…</source>
            <translation>ملاحظات ووسوم…</translation>
        </message>
        <message>
            <source>Open a delivery</source>
            <translation>افتح تسليمًا</translation>
        </message>
        <message>
            <source>Open a delivery…</source>
            <translation>افتح تسليمًا…</translation>
        </message>
        <message>
            <source>Put back what was kept</source>
            <translation>أعد ما كان محفوظًا</translation>
        </message>
        <message>
            <source>Remove</source>
            <translation>أزل</translation>
        </message>
        <message>
            <source>Rename the delivery</source>
            <translation>غيّر اسم التسليم</translation>
        </message>
        <message>
            <source>Rename…</source>
            <translation>غيّر الاسم…</translation>
        </message>
        <message>
            <source>Save it as a file…</source>
            <translation>احفظه ملفًا…</translation>
        </message>
        <message>
            <source>Save the delivery</source>
            <translation>احفظ التسليم</translation>
        </message>
        <message>
            <source>Saved in %1.</source>
            <translation>حُفظ في ⁨%1⁩.</translation>
        </message>
        <message>
            <source>Share all ticked ones…</source>
            <translation>شارك كل المحدد…</translation>
        </message>
        <message>
            <source>Share deliveries</source>
            <translation>شارك تسليمات</translation>
        </message>
        <message>
            <source>Share it with all it needs…</source>
            <translation>شاركه بكل ما يحتاج إليه…</translation>
        </message>
        <message>
            <source>Shared deliveries (*.zip)</source>
            <translation>تسليمات مشاركة (*.zip)</translation>
        </message>
        <message>
            <source>Tags, parted by commas</source>
            <translation>وسوم تفصل بينها فواصل</translation>
        </message>
        <message>
            <source>Take in shared deliveries</source>
            <translation>أدخل تسليمات مشاركة</translation>
        </message>
        <message>
            <source>Take in shared deliveries…</source>
            <translation>أدخل تسليمات مشاركة…</translation>
        </message>
        <message>
            <source>There is only one delivery: the button + makes another.</source>
            <translation>ليس هناك سوى تسليم واحد: الزر + يصنع آخر.</translation>
        </message>
        <message>
            <source>To start from</source>
            <translation>للبدء منها</translation>
        </message>
        <message>
            <source>“%1” is kept: the button + offers it.</source>
            <translation>«⁨%1⁩» محفوظ: يعرضه الزر +.</translation>
        </message>
        <message>
            <source>“%1” wants its copies to tell where the pictures were taken. It was opened with that closed; only you can open it, at its station Privacy.</source>
            <translation>«⁨%1⁩» يريد أن تكشف نسخه أين التُقطت الصور. فُتح وذلك مغلق؛ وحدك تستطيع فتحه، في محطة الخصوصية.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::DesignDesk</name>
        <message>
            <source>Choose a picture first: borders are compared on it.</source>
            <translation>اختر صورة أولًا: تُقارن الأطر عليها.</translation>
        </message>
        <message>
            <source>Keep the rights sheet</source>
            <translation>احفظ ورقة الحقوق</translation>
        </message>
        <message>
            <source>Keep this sheet as…</source>
            <translation>احفظ هذه الورقة باسم…</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>الاسم</translation>
        </message>
        <message>
            <source>Open some pictures first: a seal is tried on them.</source>
            <translation>افتح بعض الصور أولًا: عليها يُجرّب الختم.</translation>
        </message>
        <message>
            <source>Read a rights sheet</source>
            <translation>اقرأ ورقة حقوق</translation>
        </message>
        <message>
            <source>Read an XMP file…</source>
            <translation>اقرأ ملف XMP…</translation>
        </message>
        <message>
            <source>Seal of %1</source>
            <translation>ختم ⁨%1⁩</translation>
        </message>
        <message>
            <source>Set aside</source>
            <translation>ضع جانبًا</translation>
        </message>
        <message>
            <source>The typeface “%1” is in the library.</source>
            <translation>الخط «⁨%1⁩» في المكتبة.</translation>
        </message>
        <message>
            <source>There is no seal to be tried: give it a part, or switch it on.</source>
            <translation>لا ختم ليُجرّب: أعطه جزءًا أو شغّله.</translation>
        </message>
        <message>
            <source>Write an XMP file…</source>
            <translation>اكتب ملف XMP…</translation>
        </message>
        <message>
            <source>Write the rights sheet</source>
            <translation>اكتب ورقة الحقوق</translation>
        </message>
        <message>
            <source>XMP files (*.xmp)</source>
            <translation>ملفات XMP (*.xmp)</translation>
        </message>
        <message>
            <source>a sheet from an XMP file</source>
            <translation>ورقة من ملف XMP</translation>
        </message>
        <message>
            <source>keeping the seal</source>
            <translation>حفظ الختم</translation>
        </message>
        <message>
            <source>naming the sheet</source>
            <translation>تسمية الورقة</translation>
        </message>
        <message>
            <source>taking a border</source>
            <translation>أخذ إطار</translation>
        </message>
        <message>
            <source>taking the seal “%1”</source>
            <translation>أخذ الختم «⁨%1⁩»</translation>
        </message>
        <message>
            <source>taking the sheet %1</source>
            <translation>أخذ الورقة ⁨%1⁩</translation>
        </message>
        <message>
            <source>“%1” is in the library.</source>
            <translation>«⁨%1⁩» في المكتبة.</translation>
        </message>
        <message>
            <source>“%1” was set aside; it lies in removed/.</source>
            <translation>وُضع «⁨%1⁩» جانبًا؛ تجده في removed/.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::Drawer</name>
        <message>
            <source>
Enlarged to %1 %: it will look soft.</source>
            <translation>
مكبّرة إلى ⁨%1⁩ %: ستبدو ناعمة.</translation>
        </message>
        <message>
            <source>
Smaller than asked: it has no more pixels.</source>
            <translation>
أصغر من المطلوب: ليس فيها بكسلات أكثر.</translation>
        </message>
        <message>
            <source>
This picture is not meant: it keeps its own size.</source>
            <translation>
هذه الصورة غير مقصودة: تبقى بحجمها.</translation>
        </message>
        <message>
            <source>%1 × %2 of %3 × %4 px are kept.</source>
            <translation>يبقى ⁦%1 × %2⁩ من ⁦%3 × %4⁩ بكسل.</translation>
        </message>
        <message>
            <source>A divider over the copy's own pixels</source>
            <translation>فاصل فوق بكسلات النسخة نفسها</translation>
        </message>
        <message>
            <source>A field of its metadata</source>
            <translation>حقل من بياناتها الوصفية</translation>
        </message>
        <message>
            <source>Add a token to the name</source>
            <translation>أضف رمزًا إلى الاسم</translation>
        </message>
        <message>
            <source>Before and after at %1 %</source>
            <translation>قبل وبعد عند ⁨%1⁩ %</translation>
        </message>
        <message>
            <source>Borders of the library, side by side with this one (Ctrl+Shift+B)</source>
            <translation>أطر المكتبة إلى جانب هذا (Ctrl+Shift+B)</translation>
        </message>
        <message>
            <source>Choose a picture to see its sizes.</source>
            <translation>اختر صورة لترى مقاساتها.</translation>
        </message>
        <message>
            <source>Choose…</source>
            <translation>اختر…</translation>
        </message>
        <message>
            <source>Compare…</source>
            <translation>قارن…</translation>
        </message>
        <message>
            <source>Connects, writes a small file and takes it away again; then copies may be sent there</source>
            <translation>يتصل ويكتب ملفًا صغيرًا ثم يزيله؛ بعدها يجوز إرسال النسخ إليه</translation>
        </message>
        <message>
            <source>Crop this picture by hand</source>
            <translation>اقتص هذه الصورة يدويًا</translation>
        </message>
        <message>
            <source>Design</source>
            <translation>صمّم</translation>
        </message>
        <message>
            <source>Design this seal on the bench (Ctrl+B)</source>
            <translation>صمّم هذا الختم على المنضدة (Ctrl+B)</translation>
        </message>
        <message>
            <source>Formats side by side</source>
            <translation>الصيغ جنبًا إلى جنب</translation>
        </message>
        <message>
            <source>Names are shown here as soon as there are pictures and a folder.</source>
            <translation>تظهر الأسماء هنا متى وُجدت صور ومجلد.</translation>
        </message>
        <message>
            <source>Names as they will be</source>
            <translation>الأسماء كما ستكون</translation>
        </message>
        <message>
            <source>Outbox…</source>
            <translation>الصادر…</translation>
        </message>
        <message>
            <source>Password…</source>
            <translation>كلمة المرور…</translation>
        </message>
        <message>
            <source>Puts it into the desktop's secret store</source>
            <translation>يضعها في مخزن أسرار سطح المكتب</translation>
        </message>
        <message>
            <source>Settings of the station</source>
            <translation>إعدادات المحطة</translation>
        </message>
        <message>
            <source>Shows the frame on the picture; it can be dragged</source>
            <translation>يُظهر الإطار على الصورة؛ ويمكن سحبه</translation>
        </message>
        <message>
            <source>Sizes of this picture's copy</source>
            <translation>مقاسات نسخة هذه الصورة</translation>
        </message>
        <message>
            <source>Take a seal from the library (Ctrl+L)</source>
            <translation>خذ ختمًا من المكتبة (Ctrl+L)</translation>
        </message>
        <message>
            <source>This picture's copy in every format, with its bytes</source>
            <translation>نسخة هذه الصورة بكل صيغة، مع بايتاتها</translation>
        </message>
        <message>
            <source>Try it out</source>
            <translation>جرّب</translation>
        </message>
        <message>
            <source>What waits, what was sent, what is held and why</source>
            <translation>ما ينتظر وما أُرسل وما احتُجز ولماذا</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::EmptyPage</name>
        <message>
            <source>A picture that you met somewhere: is it yours, and which copy? (Ctrl+Shift+I)</source>
            <translation>صورة صادفتَها في مكان ما: أهي لك، وأي نسخة؟ (Ctrl+Shift+I)</translation>
        </message>
        <message>
            <source>Drop pictures or folders here</source>
            <translation>أفلت الصور أو المجلدات هنا</translation>
        </message>
        <message>
            <source>Every picture appears as the copy it will become: sized, sealed, with your rights in it
and without the place where it was taken. The originals are only ever read.</source>
            <translation>تظهر كل صورة كالنسخة التي ستصير إليها: بحجمها، مختومة، وحقوقك فيها
ومن غير المكان الذي التُقطت فيه. الأصول تُقرأ فقط.</translation>
        </message>
        <message>
            <source>Open a folder…</source>
            <translation>افتح مجلدًا…</translation>
        </message>
        <message>
            <source>Open pictures…</source>
            <translation>افتح صورًا…</translation>
        </message>
        <message>
            <source>What is this picture?</source>
            <translation>ما هذه الصورة؟</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::FaultDialog</name>
        <message>
            <source>&amp;What happened, and what did you do before?</source>
            <translation>&amp;ماذا حدث، وماذا فعلت قبله؟</translation>
        </message>
        <message>
            <source>Being gathered…</source>
            <translation>جارٍ الجمع…</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>النسخة</translation>
        </message>
        <message>
            <source>Nothing is sent from here. Write what happened, look through what goes with it, and copy both into your report. No picture, name or path is in it.</source>
            <translation>لا يُرسل شيء من هنا. اكتب ما حدث، وراجع ما يرافقه، وانسخ الاثنين إلى بلاغك. ليس فيه صورة ولا اسم ولا مسار.</translation>
        </message>
        <message>
            <source>Tell of a fault</source>
            <translation>أبلغ عن خلل</translation>
        </message>
        <message>
            <source>What &amp;goes with it</source>
            <translation>ما &amp;يرافقه</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::FieldRow</name>
        <message>
            <source>as the original</source>
            <translation>مثل الأصل</translation>
        </message>
        <message>
            <source>holds coordinates</source>
            <translation>فيه إحداثيات</translation>
        </message>
        <message>
            <source>names the removed place %1</source>
            <translation>يذكر المكان المُزال ⁨%1⁩</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>لا شيء</translation>
        </message>
        <message>
            <source>nothing is written</source>
            <translation>لا يُكتب شيء</translation>
        </message>
        <message>
            <source>removed by privacy</source>
            <translation>أزالته الخصوصية</translation>
        </message>
        <message>
            <source>rule</source>
            <translation>قاعدة</translation>
        </message>
        <message>
            <source>rule %1</source>
            <translation>القاعدة ⁨%1⁩</translation>
        </message>
        <message>
            <source>typed for this picture</source>
            <translation>كُتب لهذه الصورة</translation>
        </message>
        <message>
            <source>—</source>
            <translation>—</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::FileManagerDesk</name>
        <message>
            <source>A delivery has an entry when it says where its copies go, and lies in the library.</source>
            <translation>للتسليم مدخل إذا قال إلى أين تذهب نسخه وكان في المكتبة.</translation>
        </message>
        <message>
            <source>Deliveries in the file manager's menu</source>
            <translation>التسليمات في قائمة مدير الملفات</translation>
        </message>
        <message>
            <source>The file manager has no entries of Keep Seal.</source>
            <translation>ليس في مدير الملفات مداخل من Keep Seal.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::FilterBar</name>
        <message>
            <source>%1 of %2 shown</source>
            <translation>يظهر ⁨%1⁩ من ⁨%2⁩</translation>
        </message>
        <message>
            <source>All pictures</source>
            <translation>كل الصور</translation>
        </message>
        <message>
            <source>Find a name, a keyword, a title</source>
            <translation>ابحث عن اسم أو كلمة مفتاحية أو عنوان</translation>
        </message>
        <message>
            <source>Find pictures</source>
            <translation>ابحث عن صور</translation>
        </message>
        <message>
            <source>Left out</source>
            <translation>متروكة</translation>
        </message>
        <message>
            <source>Rated 1 or more</source>
            <translation>تقييمها 1 أو أكثر</translation>
        </message>
        <message>
            <source>Rated 3 or more</source>
            <translation>تقييمها 3 أو أكثر</translation>
        </message>
        <message>
            <source>Rated 5</source>
            <translation>تقييمها 5</translation>
        </message>
        <message>
            <source>Show all pictures again</source>
            <translation>أظهر كل الصور من جديد</translation>
        </message>
        <message>
            <source>Show all pictures again (Esc)</source>
            <translation>أظهر كل الصور من جديد (Esc)</translation>
        </message>
        <message>
            <source>Something is different</source>
            <translation>فيها اختلاف</translation>
        </message>
        <message>
            <source>Square</source>
            <translation>مربعة</translation>
        </message>
        <message>
            <source>Stamped before</source>
            <translation>خُتمت من قبل</translation>
        </message>
        <message>
            <source>Tall</source>
            <translation>طولية</translation>
        </message>
        <message>
            <source>Tells a place</source>
            <translation>يكشف مكانًا</translation>
        </message>
        <message>
            <source>Which pictures are shown</source>
            <translation>أي الصور تظهر</translation>
        </message>
        <message>
            <source>Wide</source>
            <translation>عرضية</translation>
        </message>
        <message>
            <source>With a problem</source>
            <translation>فيها مشكلة</translation>
        </message>
        <message>
            <source>all %1 shown</source>
            <translation>تظهر كلها (⁨%1⁩)</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::FirstQuestions</name>
        <message>
            <source>1   What name stands on your pictures?</source>
            <translation>1   أي اسم يُكتب على صورك؟</translation>
        </message>
        <message>
            <source>2   Have you an emblem?</source>
            <translation>2   هل لديك شارة؟</translation>
        </message>
        <message>
            <source>3   Who gets your pictures?</source>
            <translation>3   من يستلم صورك؟</translation>
        </message>
        <message>
            <source>A logo for dark ground: SVG, PDF, PNG, TIFF, WebP or JPEG. Without one, your name is the mark.</source>
            <translation>شعار لأرضية داكنة: SVG أو PDF أو PNG أو TIFF أو WebP أو JPEG. من غيره يكون اسمك هو العلامة.</translation>
        </message>
        <message>
            <source>Both</source>
            <translation>الاثنان</translation>
        </message>
        <message>
            <source>Each can wait: leave it and go on. What you answer works at once, and can be changed later and taken back.</source>
            <translation>كل سؤال يمكن أن ينتظر: اتركه وامضِ. ما تجيب به يعمل فورًا، ويمكن تغييره لاحقًا والرجوع عنه.</translation>
        </message>
        <message>
            <source>Emblem</source>
            <translation>الشارة</translation>
        </message>
        <message>
            <source>Name or link</source>
            <translation>الاسم أو الرابط</translation>
        </message>
        <message>
            <source>Not now</source>
            <translation>ليس الآن</translation>
        </message>
        <message>
            <source>Open a folder of pictures…</source>
            <translation>افتح مجلد صور…</translation>
        </message>
        <message>
            <source>Open pictures…</source>
            <translation>افتح صورًا…</translation>
        </message>
        <message>
            <source>Puts the questions away; Menu &gt; Who you are, and + above, ask the same</source>
            <translation>يصرف الأسئلة؛ القائمة &gt; من أنت، و+ في الأعلى، تسأل الأسئلة نفسها</translation>
        </message>
        <message>
            <source>The mark in a corner</source>
            <translation>العلامة في الزاوية</translation>
        </message>
        <message>
            <source>The mark in a corner is</source>
            <translation>العلامة في الزاوية هي</translation>
        </message>
        <message>
            <source>Three questions, then your pictures</source>
            <translation>ثلاثة أسئلة، ثم صورك</translation>
        </message>
        <message>
            <source>Tick what you need: each becomes a delivery, with its own size, mark and rights. All are made in one go.</source>
            <translation>حدد ما تحتاج إليه: كل واحد يصير تسليمًا بحجمه وعلامته وحقوقه. تُصنع كلها دفعة واحدة.</translation>
        </message>
        <message>
            <source>Your studio's, or your own. Seals, captions and rights use it; where there is a link, small marks show that.</source>
            <translation>اسم الاستوديو أو اسمك. تستعمله الأختام والتعليقات والحقوق؛ وحيث يوجد رابط تُظهره العلامات الصغيرة.</translation>
        </message>
        <message>
            <source>choosing a mark</source>
            <translation>اختيار علامة</translation>
        </message>
        <message>
            <source>choosing who gets your pictures</source>
            <translation>اختيار من يستلم صورك</translation>
        </message>
        <message>
            <source>or drop them anywhere</source>
            <translation>أو أفلتها في أي مكان</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::FormatsSideBySide</name>
        <message>
            <source>%1 in every format</source>
            <translation>⁨%1⁩ بكل صيغة</translation>
        </message>
        <message>
            <source>%1, in this delivery</source>
            <translation>⁨%1⁩، في هذا التسليم</translation>
        </message>
        <message>
            <source>All as small as unseen</source>
            <translation>كلها بأصغر حجم لا يُرى فرقه</translation>
        </message>
        <message>
            <source>Each at the lowest quality at which its difference is not seen: then the bytes can be compared</source>
            <translation>كل واحدة بأدنى جودة لا يُرى معها الفرق: عندئذ تمكن مقارنة البايتات</translation>
        </message>
        <message>
            <source>Save as %1</source>
            <translation>احفظ بصيغة ⁨%1⁩</translation>
        </message>
        <message>
            <source>The copy as %1</source>
            <translation>النسخة بصيغة ⁨%1⁩</translation>
        </message>
        <message>
            <source>The middle of the copy, pixel for pixel, as each format saves it by this delivery's settings. Difference: 100 is none, above 80 it is not seen side by side (SSIMULACRA 2).</source>
            <translation>وسط النسخة، بكسلًا ببكسل، كما تحفظها كل صيغة بإعدادات هذا التسليم. الفرق: 100 لا فرق، وفوق 80 لا يُرى جنبًا إلى جنب (SSIMULACRA 2).</translation>
        </message>
        <message>
            <source>This delivery makes this format, and no other</source>
            <translation>يصنع هذا التسليم هذه الصيغة دون غيرها</translation>
        </message>
        <message>
            <source>being saved…</source>
            <translation>قيد الحفظ…</translation>
        </message>
        <message>
            <source>difference %1</source>
            <translation>الفرق ⁨%L1⁩</translation>
        </message>
        <message>
            <source>held back: %1</source>
            <translation>محجوزة: ⁨%1⁩</translation>
        </message>
        <message>
            <source>quality %1</source>
            <translation>الجودة ⁨%1⁩</translation>
        </message>
        <message>
            <source>the same pixels</source>
            <translation>البكسلات نفسها</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::HardCases</name>
        <message>
            <source>brightest</source>
            <translation>الأسطع</translation>
        </message>
        <message>
            <source>busiest</source>
            <translation>الأكثر ازدحامًا</translation>
        </message>
        <message>
            <source>darkest</source>
            <translation>الأعتم</translation>
        </message>
        <message>
            <source>plainest</source>
            <translation>الأبسط</translation>
        </message>
        <message>
            <source>smallest</source>
            <translation>الأصغر</translation>
        </message>
        <message>
            <source>tallest</source>
            <translation>الأطول</translation>
        </message>
        <message>
            <source>widest</source>
            <translation>الأعرض</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::HelpDesk</name>
        <message>
            <source>Every key</source>
            <translation>كل المفاتيح</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>المساعدة</translation>
        </message>
        <message>
            <source>Help for what has the focus</source>
            <translation>مساعدة لما عليه التركيز</translation>
        </message>
        <message>
            <source>Tell of a fault…</source>
            <translation>أبلغ عن خلل…</translation>
        </message>
        <message>
            <source>What changed</source>
            <translation>ما الذي تغيّر</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::HelpDialog</name>
        <message>
            <source>Help</source>
            <translation>المساعدة</translation>
        </message>
        <message>
            <source>Nothing is found.</source>
            <translation>لم يُعثر على شيء.</translation>
        </message>
        <message>
            <source>Page</source>
            <translation>صفحة</translation>
        </message>
        <message>
            <source>Pages</source>
            <translation>الصفحات</translation>
        </message>
        <message>
            <source>Words to look for</source>
            <translation>كلمات للبحث</translation>
        </message>
        <message>
            <source>Words to look for in the help</source>
            <translation>كلمات للبحث في المساعدة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::JobDesk</name>
        <message>
            <source>%1 × %2</source>
            <translation>⁦%1 × %2⁩</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>⁨%1⁩: ⁨%2⁩</translation>
        </message>
        <message>
            <source>(what was opened outside waits until this is closed)</source>
            <translation>(ما فُتح من الخارج ينتظر حتى يُغلق هذا)</translation>
        </message>
        <message>
            <source>, copies were made of %1</source>
            <translation>، صُنعت نسخ من ⁨%1⁩</translation>
        </message>
        <message>
            <source>A run did not come to its end</source>
            <translation>تشغيل لم يبلغ نهايته</translation>
        </message>
        <message>
            <source>Ask next time</source>
            <translation>اسأل في المرة القادمة</translation>
        </message>
        <message>
            <source>Bring back a job</source>
            <translation>أعد مهمة</translation>
        </message>
        <message>
            <source>Cards and cameras</source>
            <translation>البطاقات والكاميرات</translation>
        </message>
        <message>
            <source>Copies will go to "%1"; the station Place can change that. Look at them, then press Stamp.</source>
            <translation>ستذهب النسخ إلى «⁨%1⁩»؛ ويمكن تغيير ذلك في محطة الحفظ. انظر إليها ثم اضغط «اختم».</translation>
        </message>
        <message>
            <source>Find missing pictures again…</source>
            <translation>اعثر على الصور المفقودة…</translation>
        </message>
        <message>
            <source>Folder</source>
            <translation>المجلد</translation>
        </message>
        <message>
            <source>Gathering was stopped: nothing more comes from that folder. Open it again for all of it.</source>
            <translation>أُوقف الجمع: لن يأتي مزيد من ذلك المجلد. افتحه من جديد لأخذ كل ما فيه.</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>تابع</translation>
        </message>
        <message>
            <source>Go on with the last job (%1)</source>
            <translation>تابع المهمة الأخيرة (⁨%1⁩)</translation>
        </message>
        <message>
            <source>Going on keeps finished copies that are as they were delivered, and makes the others.</source>
            <translation>المتابعة تُبقي النسخ المنتهية كما سُلّمت وتصنع الباقي.</translation>
        </message>
        <message>
            <source>Jobs (*.json)</source>
            <translation>مهمات (*.json)</translation>
        </message>
        <message>
            <source>Leave it so</source>
            <translation>اتركه هكذا</translation>
        </message>
        <message>
            <source>Leave out of runs</source>
            <translation>اتركها خارج التشغيل</translation>
        </message>
        <message>
            <source>Look for missing pictures in</source>
            <translation>ابحث عن الصور المفقودة في</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>الاسم</translation>
        </message>
        <message>
            <source>New job</source>
            <translation>مهمة جديدة</translation>
        </message>
        <message>
            <source>No pictures: %1</source>
            <translation>ليست صورًا: ⁨%1⁩</translation>
        </message>
        <message>
            <source>Open a folder and all in it</source>
            <translation>افتح مجلدًا وكل ما فيه</translation>
        </message>
        <message>
            <source>Open a job</source>
            <translation>افتح مهمة</translation>
        </message>
        <message>
            <source>Open a job…</source>
            <translation>افتح مهمة…</translation>
        </message>
        <message>
            <source>Open pictures</source>
            <translation>افتح صورًا</translation>
        </message>
        <message>
            <source>Paste pictures</source>
            <translation>ألصق صورًا</translation>
        </message>
        <message>
            <source>Pictures (*.jpg *.jpeg *.png *.tif *.tiff *.webp *.heic *.heif *.avif *.jxl);;All files (*)</source>
            <translation>صور (*.jpg *.jpeg *.png *.tif *.tiff *.webp *.heic *.heif *.avif *.jxl);;كل الملفات (*)</translation>
        </message>
        <message>
            <source>Rating, best first</source>
            <translation>التقييم، الأعلى أولًا</translation>
        </message>
        <message>
            <source>Save the job</source>
            <translation>احفظ المهمة</translation>
        </message>
        <message>
            <source>Save the job as…</source>
            <translation>احفظ المهمة باسم…</translation>
        </message>
        <message>
            <source>Shape, widest first</source>
            <translation>الشكل، الأعرض أولًا</translation>
        </message>
        <message>
            <source>Show some of the pictures…</source>
            <translation>أظهر بعض الصور…</translation>
        </message>
        <message>
            <source>Sort the pictures</source>
            <translation>رتّب الصور</translation>
        </message>
        <message>
            <source>Take into runs again</source>
            <translation>أعدها إلى التشغيل</translation>
        </message>
        <message>
            <source>The run begun %1 made %2 of %3 copies.</source>
            <translation>التشغيل الذي بدأ ⁨%1⁩ صنع ⁨%2⁩ من ⁨%3⁩ من النسخ.</translation>
        </message>
        <message>
            <source>There are no pictures in there that Keep Seal can read.</source>
            <translation>ليس فيه صور يستطيع Keep Seal قراءتها.</translation>
        </message>
        <message>
            <source>There are no pictures on the clipboard: copy files in the file manager first.</source>
            <translation>ليس في الحافظة صور: انسخ ملفات في مدير الملفات أولًا.</translation>
        </message>
        <message>
            <source>Time taken</source>
            <translation>وقت الالتقاط</translation>
        </message>
        <message>
            <source>and %1 more that are worth a look</source>
            <translation>و⁨%1⁩ أخرى تستحق النظر</translation>
        </message>
        <message>
            <source>choosing a folder for the copies</source>
            <translation>اختيار مجلد للنسخ</translation>
        </message>
        <message>
            <source>leaving out</source>
            <translation>ترك صور</translation>
        </message>
        <message>
            <source>sorting by %1</source>
            <translation>الترتيب حسب ⁨%1⁩</translation>
        </message>
        <message>
            <source>taking in again</source>
            <translation>إعادة صور</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::JobDocument</name>
        <message>
            <source>New delivery</source>
            <translation>تسليم جديد</translation>
        </message>
        <message>
            <source>adding a delivery</source>
            <translation>إضافة تسليم</translation>
        </message>
        <message>
            <source>adding pictures</source>
            <translation>إضافة صور</translation>
        </message>
        <message>
            <source>beginning a new job</source>
            <translation>بدء مهمة جديدة</translation>
        </message>
        <message>
            <source>changing “%1”</source>
            <translation>تغيير «⁨%1⁩»</translation>
        </message>
        <message>
            <source>delivering all the same</source>
            <translation>التسليم رغم ذلك</translation>
        </message>
        <message>
            <source>duplicating a delivery</source>
            <translation>تكرار تسليم</translation>
        </message>
        <message>
            <source>finding pictures again</source>
            <translation>العثور على صور</translation>
        </message>
        <message>
            <source>moving a delivery</source>
            <translation>نقل تسليم</translation>
        </message>
        <message>
            <source>naming the job</source>
            <translation>تسمية المهمة</translation>
        </message>
        <message>
            <source>putting back a delivery</source>
            <translation>إعادة تسليم إلى ما كان</translation>
        </message>
        <message>
            <source>removing a delivery</source>
            <translation>إزالة تسليم</translation>
        </message>
        <message>
            <source>renaming a delivery</source>
            <translation>تغيير اسم تسليم</translation>
        </message>
        <message>
            <source>saying who you are</source>
            <translation>قول من أنت</translation>
        </message>
        <message>
            <source>taking pictures out</source>
            <translation>إخراج صور</translation>
        </message>
        <message>
            <source>ticking a delivery</source>
            <translation>تحديد تسليم</translation>
        </message>
        <message>
            <source>unticking a delivery</source>
            <translation>إلغاء تحديد تسليم</translation>
        </message>
        <message>
            <source>writing notes</source>
            <translation>كتابة ملاحظات</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::JobSession</name>
        <message>
            <source>%1 of %2 missing pictures were found again.</source>
            <translation>عُثر على ⁨%1⁩ من ⁨%2⁩ من الصور المفقودة.</translation>
        </message>
        <message>
            <source>In the file %1 tells where the pictures were taken. It was opened with that closed; only you can open it, at its station Privacy.</source>
            <translation>في الملف يكشف ⁨%1⁩ أين التُقطت الصور. فُتح وذلك مغلق؛ وحدك تستطيع فتحه، في محطة الخصوصية.</translation>
        </message>
        <message>
            <source>The job is saved in %1.</source>
            <translation>حُفظت المهمة في ⁨%1⁩.</translation>
        </message>
        <message>
            <source>The job that was here could not be kept: %1</source>
            <translation>تعذّر حفظ المهمة التي كانت هنا: ⁨%1⁩</translation>
        </message>
        <message>
            <source>This job is not being kept, and would be lost with this window: %1</source>
            <translation>لا تُحفظ هذه المهمة وستضيع مع هذه النافذة: ⁨%1⁩</translation>
        </message>
        <message>
            <source>“%1”</source>
            <translation>«%1»</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::LeavesView</name>
        <message>
            <source>%1 of %2 originals tell a place, and the copies of “%3” will tell it too.</source>
            <translation>⁨%1⁩ من ⁨%2⁩ من الأصول تكشف مكانًا، ونسخ «⁨%3⁩» ستكشفه أيضًا.</translation>
        </message>
        <message>
            <source>%1 of %2 originals tell a place. No copy of “%3” will.</source>
            <translation>⁨%1⁩ من ⁨%2⁩ من الأصول تكشف مكانًا. لن تكشفه نسخة من «⁨%3⁩».</translation>
        </message>
        <message>
            <source>%1 of %2 pictures read so far.</source>
            <translation>قُرئ حتى الآن ⁨%1⁩ من ⁨%2⁩ من الصور.</translation>
        </message>
        <message>
            <source>Back to the job</source>
            <translation>عودة إلى المهمة</translation>
        </message>
        <message>
            <source>Choose a file.</source>
            <translation>اختر ملفًا.</translation>
        </message>
        <message>
            <source>Drop files here to see what they tell.</source>
            <translation>أفلت ملفات هنا لترى ما تكشفه.</translation>
        </message>
        <message>
            <source>Files and what they tell</source>
            <translation>ملفات وما تكشفه</translation>
        </message>
        <message>
            <source>Look into a folder…</source>
            <translation>انظر في مجلد…</translation>
        </message>
        <message>
            <source>Look into files…</source>
            <translation>انظر في ملفات…</translation>
        </message>
        <message>
            <source>Looking into the files…</source>
            <translation>جارٍ النظر في الملفات…</translation>
        </message>
        <message>
            <source>None of the %1 originals tells a place.</source>
            <translation>لا أحد من الأصول (⁨%1⁩) يكشف مكانًا.</translation>
        </message>
        <message>
            <source>Only those that tell a place</source>
            <translation>ما يكشف مكانًا فقط</translation>
        </message>
        <message>
            <source>Reading…</source>
            <translation>جارٍ القراءة…</translation>
        </message>
        <message>
            <source>Save a report…</source>
            <translation>احفظ تقريرًا…</translation>
        </message>
        <message>
            <source>What any file tells, from anywhere; files can be dropped here as well</source>
            <translation>ما يكشفه أي ملف من أي مكان؛ يمكن إفلات الملفات هنا أيضًا</translation>
        </message>
        <message>
            <source>What the chosen file tells</source>
            <translation>ما يكشفه الملف المختار</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::LeftList</name>
        <message>
            <source>%1  %2: %3</source>
            <translation>%1  ⁨%2⁩: ⁨%3⁩</translation>
        </message>
        <message>
            <source>%1  %2: held back</source>
            <translation>⁨%1⁩  ⁨%2⁩: محجوزة</translation>
        </message>
        <message>
            <source>Every copy that ever left of it, and what has become of it (Ctrl+H)</source>
            <translation>كل نسخة خرجت منها يومًا وما آل إليه أمرها (Ctrl+H)</translation>
        </message>
        <message>
            <source>Its whole history</source>
            <translation>تاريخها كله</translation>
        </message>
        <message>
            <source>Nothing of this picture has left.</source>
            <translation>لم يخرج شيء من هذه الصورة.</translation>
        </message>
        <message>
            <source>What left of this picture</source>
            <translation>ما خرج من هذه الصورة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::LetterDialog</name>
        <message>
            <source>%1 letters, before they go</source>
            <translation>⁨%1⁩ رسائل قبل أن تذهب</translation>
        </message>
        <message>
            <source>%1, through %2</source>
            <translation>⁨%1⁩، عبر ⁨%2⁩</translation>
        </message>
        <message>
            <source>A copy is larger than a letter may be: send smaller copies or a contact sheet, or allow larger letters at the station Sending.</source>
            <translation>إحدى النسخ أكبر مما يُسمح به في رسالة: أرسل نسخًا أصغر أو ورقة مصغّرات، أو اسمح برسائل أكبر في محطة الإرسال.</translation>
        </message>
        <message>
            <source>A letter, before it goes</source>
            <translation>رسالة قبل أن تذهب</translation>
        </message>
        <message>
            <source>From</source>
            <translation>من</translation>
        </message>
        <message>
            <source>It has no subject.</source>
            <translation>ليس لها موضوع.</translation>
        </message>
        <message>
            <source>Letter</source>
            <translation>رسالة</translation>
        </message>
        <message>
            <source>Letter %1 of %2</source>
            <translation>الرسالة ⁨%1⁩ من ⁨%2⁩</translation>
        </message>
        <message>
            <source>Not now</source>
            <translation>ليس الآن</translation>
        </message>
        <message>
            <source>Nothing is written in it</source>
            <translation>ليس فيها شيء مكتوب</translation>
        </message>
        <message>
            <source>Send these letters</source>
            <translation>أرسل هذه الرسائل</translation>
        </message>
        <message>
            <source>Send this letter</source>
            <translation>أرسل هذه الرسالة</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>الحجم</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>الموضوع</translation>
        </message>
        <message>
            <source>These are no addresses: anna@example.org, or several parted by commas.</source>
            <translation>هذه ليست عناوين: anna@example.org، أو عدة عناوين تفصل بينها فواصل.</translation>
        </message>
        <message>
            <source>To</source>
            <translation>إلى</translation>
        </message>
        <message>
            <source>What hangs on it</source>
            <translation>ما يرافقها</translation>
        </message>
        <message>
            <source>about %1</source>
            <translation>حوالي ⁨%1⁩</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::Loupe</name>
        <message>
            <source>%1 beside %2: %3</source>
            <translation>⁨%1⁩ إلى جانب ⁨%2⁩: ⁨%3⁩</translation>
        </message>
        <message>
            <source>%1, at %2 % from the left, %3 % from the top</source>
            <translation>⁨%1⁩، عند ⁨%2⁩ % من اليسار و⁨%3⁩ % من الأعلى</translation>
        </message>
        <message>
            <source>100 %</source>
            <translation>100 %</translation>
        </message>
        <message>
            <source>200 %</source>
            <translation>200 %</translation>
        </message>
        <message>
            <source>Drag to move both; the wheel changes between fit, 100 % and 200 %</source>
            <translation>اسحب لتحريك الاثنتين؛ العجلة تتنقل بين الملاءمة و100 % و200 %</translation>
        </message>
        <message>
            <source>Original and copy under one loupe</source>
            <translation>الأصل والنسخة تحت عدسة واحدة</translation>
        </message>
        <message>
            <source>Original, in the copy's size</source>
            <translation>الأصل بحجم النسخة</translation>
        </message>
        <message>
            <source>Reading…</source>
            <translation>جارٍ القراءة…</translation>
        </message>
        <message>
            <source>The finished file</source>
            <translation>الملف المنتهي</translation>
        </message>
        <message>
            <source>the whole picture</source>
            <translation>الصورة كلها</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::MainWindow</name>
        <message>
            <source>As the desktop</source>
            <translation>مثل سطح المكتب</translation>
        </message>
        <message>
            <source>Choose a picture first.</source>
            <translation>اختر صورة أولًا.</translation>
        </message>
        <message>
            <source>Choose a seal…</source>
            <translation>اختر ختمًا…</translation>
        </message>
        <message>
            <source>Choose all pictures</source>
            <translation>اختر كل الصور</translation>
        </message>
        <message>
            <source>Compare borders…</source>
            <translation>قارن الأطر…</translation>
        </message>
        <message>
            <source>Delivery</source>
            <translation>التسليم</translation>
        </message>
        <message>
            <source>Design the seal…</source>
            <translation>صمّم الختم…</translation>
        </message>
        <message>
            <source>Different on the chosen pictures</source>
            <translation>مختلف على الصور المختارة</translation>
        </message>
        <message>
            <source>Folder for the copies</source>
            <translation>مجلد للنسخ</translation>
        </message>
        <message>
            <source>High contrast</source>
            <translation>تباين عالٍ</translation>
        </message>
        <message>
            <source>Job and pictures</source>
            <translation>المهمة والصور</translation>
        </message>
        <message>
            <source>Keep the seal in the library</source>
            <translation>احفظ الختم في المكتبة</translation>
        </message>
        <message>
            <source>Language</source>
            <translation>اللغة</translation>
        </message>
        <message>
            <source>Light or dark window</source>
            <translation>نافذة فاتحة أو داكنة</translation>
        </message>
        <message>
            <source>Look of the window</source>
            <translation>مظهر النافذة</translation>
        </message>
        <message>
            <source>Next grey around the pictures</source>
            <translation>الرمادي التالي حول الصور</translation>
        </message>
        <message>
            <source>Open a folder and all in it…</source>
            <translation>افتح مجلدًا وكل ما فيه…</translation>
        </message>
        <message>
            <source>Open pictures…</source>
            <translation>افتح صورًا…</translation>
        </message>
        <message>
            <source>Quit</source>
            <translation>خروج</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>أعد</translation>
        </message>
        <message>
            <source>Register</source>
            <translation>السجل</translation>
        </message>
        <message>
            <source>Show where there is something sharp</source>
            <translation>أظهر أين توجد حدّة</translation>
        </message>
        <message>
            <source>Stamp</source>
            <translation>اختم</translation>
        </message>
        <message>
            <source>Stamp just these again</source>
            <translation>اختم هذه وحدها مرة أخرى</translation>
        </message>
        <message>
            <source>Stamp the chosen pictures by the chosen delivery</source>
            <translation>اختم الصور المختارة بالتسليم المختار</translation>
        </message>
        <message>
            <source>Take the chosen pictures out</source>
            <translation>أخرج الصور المختارة</translation>
        </message>
        <message>
            <source>The setting that you are at is explained here; F1 tells more.</source>
            <translation>يُشرح هنا الإعداد الذي أنت عنده؛ وF1 يقول المزيد.</translation>
        </message>
        <message>
            <source>The window speaks that language from its next start on.</source>
            <translation>تتكلم النافذة بتلك اللغة من بدئها التالي.</translation>
        </message>
        <message>
            <source>This is Keep Seal %1. What is new stands under Menu &gt; Help &gt; What changed.</source>
            <translation>هذا Keep Seal ⁨%1⁩. الجديد تجده في القائمة &gt; المساعدة &gt; ما الذي تغيّر.</translation>
        </message>
        <message>
            <source>Try the seal…</source>
            <translation>جرّب الختم…</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>تراجع</translation>
        </message>
        <message>
            <source>What do these files tell?</source>
            <translation>ماذا تكشف هذه الملفات؟</translation>
        </message>
        <message>
            <source>Who you are…</source>
            <translation>من أنت…</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::OneLookBox</name>
        <message>
            <source>%1 and others</source>
            <translation>⁨%1⁩ وغيرها</translation>
        </message>
        <message>
            <source>%1 with a halo of %2 %</source>
            <translation>⁨%1⁩ بهالة ⁨%2⁩ %</translation>
        </message>
        <message>
            <source>%1 without a halo</source>
            <translation>⁨%1⁩ بلا هالة</translation>
        </message>
        <message>
            <source>How many pictures were measured</source>
            <translation>كم صورة قيست</translation>
        </message>
        <message>
            <source>Looks for one version and one halo with which the seal can be read on every picture of the job, so that the set looks alike</source>
            <translation>يبحث عن نسخة لون واحدة وهالة واحدة يُقرأ معهما الختم على كل صور المهمة، لتبدو المجموعة متشابهة</translation>
        </message>
        <message>
            <source>No one look serves all %1 pictures; nothing was changed. Nearest comes %2, which leaves %3: %4.</source>
            <translation>لا مظهر واحد يصلح لكل الصور (⁨%1⁩)؛ لم يتغيّر شيء. أقربها ⁨%2⁩، ويترك ⁨%3⁩: ⁨%4⁩.</translation>
        </message>
        <message>
            <source>No picture of the job carries this seal.</source>
            <translation>لا صورة في المهمة تحمل هذا الختم.</translation>
        </message>
        <message>
            <source>On all %1 pictures: %2.</source>
            <translation>على كل الصور (⁨%1⁩): ⁨%2⁩.</translation>
        </message>
        <message>
            <source>One look for the whole job</source>
            <translation>مظهر واحد للمهمة كلها</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>أوقف</translation>
        </message>
        <message>
            <source>Stopped; nothing was changed.</source>
            <translation>أُوقف؛ لم يتغيّر شيء.</translation>
        </message>
        <message>
            <source>The seal was changed meanwhile; look again.</source>
            <translation>تغيّر الختم في الأثناء؛ ابحث من جديد.</translation>
        </message>
        <message>
            <source>There are no pictures yet that it could be measured on.</source>
            <translation>لا صور بعد يمكن القياس عليها.</translation>
        </message>
        <message>
            <source>one look for the whole job</source>
            <translation>مظهر واحد للمهمة كلها</translation>
        </message>
        <message>
            <source>the dark version</source>
            <translation>النسخة الداكنة</translation>
        </message>
        <message>
            <source>the light version</source>
            <translation>النسخة الفاتحة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::OutboxDialog</name>
        <message>
            <source>%1 waiting, %2 held, %3 sent</source>
            <translation>⁨%1⁩ تنتظر، ⁨%2⁩ محتجزة، ⁨%3⁩ أُرسلت</translation>
        </message>
        <message>
            <source>A letter goes only after you looked at it</source>
            <translation>لا تذهب رسالة إلا بعد أن تنظر إليها</translation>
        </message>
        <message>
            <source>Clear what was sent</source>
            <translation>امسح ما أُرسل</translation>
        </message>
        <message>
            <source>Copies to be sent</source>
            <translation>نسخ للإرسال</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>النسخة</translation>
        </message>
        <message>
            <source>Goes to</source>
            <translation>تذهب إلى</translation>
        </message>
        <message>
            <source>Look at the letters…</source>
            <translation>انظر إلى الرسائل…</translation>
        </message>
        <message>
            <source>Nothing is to be sent. A delivery's station Sending says where its copies go.</source>
            <translation>لا شيء للإرسال. محطة الإرسال في التسليم تقول إلى أين تذهب نسخه.</translation>
        </message>
        <message>
            <source>Outbox</source>
            <translation>الصادر</translation>
        </message>
        <message>
            <source>Send now</source>
            <translation>أرسل الآن</translation>
        </message>
        <message>
            <source>State</source>
            <translation>الحالة</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>أخرج</translation>
        </message>
        <message>
            <source>The chosen ones will not be sent; what was sent stays where it is</source>
            <translation>لن تُرسل المختارة؛ وما أُرسل يبقى حيث هو</translation>
        </message>
        <message>
            <source>The chosen ones, or all that wait or are held</source>
            <translation>المختارة، أو كل ما ينتظر أو احتُجز</translation>
        </message>
        <message>
            <source>The list forgets it: a copy that is stamped again may be sent again then</source>
            <translation>تنساها القائمة: النسخة التي تُختم مرة أخرى يجوز إرسالها عندئذ من جديد</translation>
        </message>
        <message>
            <source>What happened</source>
            <translation>ما حدث</translation>
        </message>
        <message>
            <source>When</source>
            <translation>متى</translation>
        </message>
        <message>
            <source>held</source>
            <translation>محتجزة</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>متروكة</translation>
        </message>
        <message>
            <source>letter to %1</source>
            <translation>رسالة إلى ⁨%1⁩</translation>
        </message>
        <message>
            <source>sent</source>
            <translation>أُرسلت</translation>
        </message>
        <message>
            <source>to be looked at</source>
            <translation>للنظر فيها</translation>
        </message>
        <message>
            <source>waits</source>
            <translation>تنتظر</translation>
        </message>
        <message>
            <source>will be tried again</source>
            <translation>ستُعاد المحاولة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::PartsList</name>
        <message>
            <source>Click to lock</source>
            <translation>انقر للقفل</translation>
        </message>
        <message>
            <source>Group</source>
            <translation>مجموعة</translation>
        </message>
        <message>
            <source>Hidden: click to show</source>
            <translation>مخفي: انقر للإظهار</translation>
        </message>
        <message>
            <source>Locked: click to unlock</source>
            <translation>مقفل: انقر لفتح القفل</translation>
        </message>
        <message>
            <source>Logo</source>
            <translation>شعار</translation>
        </message>
        <message>
            <source>Parts of the seal</source>
            <translation>أجزاء الختم</translation>
        </message>
        <message>
            <source>Shape</source>
            <translation>شكل</translation>
        </message>
        <message>
            <source>Shown: click to hide</source>
            <translation>ظاهر: انقر للإخفاء</translation>
        </message>
        <message>
            <source>Text</source>
            <translation>نص</translation>
        </message>
        <message>
            <source>locking a part</source>
            <translation>قفل جزء</translation>
        </message>
        <message>
            <source>no file yet</source>
            <translation>لا ملف بعد</translation>
        </message>
        <message>
            <source>removing parts</source>
            <translation>إزالة أجزاء</translation>
        </message>
        <message>
            <source>renaming a part</source>
            <translation>تغيير اسم جزء</translation>
        </message>
        <message>
            <source>reordering parts</source>
            <translation>إعادة ترتيب الأجزاء</translation>
        </message>
        <message>
            <source>showing or hiding a part</source>
            <translation>إظهار جزء أو إخفاؤه</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::PictureMenu</name>
        <message>
            <source>As on all others</source>
            <translation>كما على سائر الصور</translation>
        </message>
        <message>
            <source>Crop as on all others</source>
            <translation>اقتصاص كما على سائر الصور</translation>
        </message>
        <message>
            <source>Dark version</source>
            <translation>النسخة الداكنة</translation>
        </message>
        <message>
            <source>Light version</source>
            <translation>النسخة الفاتحة</translation>
        </message>
        <message>
            <source>No seal</source>
            <translation>بلا ختم</translation>
        </message>
        <message>
            <source>Nudge down</source>
            <translation>أزح إلى الأسفل</translation>
        </message>
        <message>
            <source>Nudge left</source>
            <translation>أزح إلى اليسار</translation>
        </message>
        <message>
            <source>Nudge right</source>
            <translation>أزح إلى اليمين</translation>
        </message>
        <message>
            <source>Nudge up</source>
            <translation>أزح إلى الأعلى</translation>
        </message>
        <message>
            <source>Seal at another place</source>
            <translation>الختم في موضع آخر</translation>
        </message>
        <message>
            <source>Stamp although it is a copy of ours</source>
            <translation>اختمها وإن كانت نسخة من صنعنا</translation>
        </message>
        <message>
            <source>Stronger</source>
            <translation>أقوى</translation>
        </message>
        <message>
            <source>Turn left</source>
            <translation>أدر إلى اليسار</translation>
        </message>
        <message>
            <source>Turn right</source>
            <translation>أدر إلى اليمين</translation>
        </message>
        <message>
            <source>Weaker</source>
            <translation>أضعف</translation>
        </message>
        <message>
            <source>dark version on chosen pictures</source>
            <translation>النسخة الداكنة على الصور المختارة</translation>
        </message>
        <message>
            <source>light version on chosen pictures</source>
            <translation>النسخة الفاتحة على الصور المختارة</translation>
        </message>
        <message>
            <source>moving the seal on chosen pictures</source>
            <translation>تحريك الختم على الصور المختارة</translation>
        </message>
        <message>
            <source>no seal on chosen pictures</source>
            <translation>بلا ختم على الصور المختارة</translation>
        </message>
        <message>
            <source>nothing different on chosen pictures</source>
            <translation>لا اختلاف على الصور المختارة</translation>
        </message>
        <message>
            <source>nudging the seal</source>
            <translation>إزاحة الختم</translation>
        </message>
        <message>
            <source>stamping copies again</source>
            <translation>ختم النسخ مرة أخرى</translation>
        </message>
        <message>
            <source>strength on chosen pictures</source>
            <translation>القوة على الصور المختارة</translation>
        </message>
        <message>
            <source>taking back crops</source>
            <translation>إلغاء الاقتصاصات</translation>
        </message>
        <message>
            <source>turning the chosen pictures</source>
            <translation>تدوير الصور المختارة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::PlaceControl</name>
        <message>
            <source>Click a place, or move it with the arrow keys</source>
            <translation>انقر موضعًا، أو حرّكه بالأسهم</translation>
        </message>
        <message>
            <source>Place of the seal; arrow keys move it</source>
            <translation>موضع الختم؛ الأسهم تحرّكه</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::Posting</name>
        <message>
            <source>%1 could not be sent and will be tried again</source>
            <translation>تعذّر إرسال ⁨%1⁩ وستُعاد المحاولة</translation>
        </message>
        <message>
            <source>%1 left out: the name is taken there</source>
            <translation>تُركت ⁨%1⁩: الاسم مأخوذ هناك</translation>
        </message>
        <message>
            <source>in a letter to %1 that waits to be looked at, in the outbox</source>
            <translation>في رسالة إلى ⁨%1⁩ تنتظر النظر في الصادر</translation>
        </message>
        <message>
            <source>in a letter to %1, %2</source>
            <translation>في رسالة إلى ⁨%1⁩، ⁨%2⁩</translation>
        </message>
        <message>
            <source>not to %1: %2</source>
            <translation>لم تذهب إلى ⁨%1⁩: ⁨%2⁩</translation>
        </message>
        <message>
            <source>to %1/%2, %3</source>
            <translation>إلى ⁨%1⁩/⁨%2⁩، ⁨%3⁩</translation>
        </message>
        <message>
            <source>waits, to %1</source>
            <translation>تنتظر، إلى ⁨%1⁩</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::PrivacyEditor</name>
        <message>
            <source>%1 of %2 originals tell a place, and so will their copies.</source>
            <translation>⁨%1⁩ من ⁨%2⁩ من الأصول تكشف مكانًا، وستكشفه نسخها.</translation>
        </message>
        <message>
            <source>%1 of %2 originals tell a place.</source>
            <translation>⁨%1⁩ من ⁨%2⁩ من الأصول تكشف مكانًا.</translation>
        </message>
        <message>
            <source>%1 without the place</source>
            <translation>⁨%1⁩ من غير المكان</translation>
        </message>
        <message>
            <source>%1, from this copy</source>
            <translation>⁨%1⁩، من هذه النسخة</translation>
        </message>
        <message>
            <source>All that leaves with this picture</source>
            <translation>كل ما يخرج مع هذه الصورة</translation>
        </message>
        <message>
            <source>Coordinates stand in %1.</source>
            <translation>توجد إحداثيات في «⁨%1⁩».</translation>
        </message>
        <message>
            <source>Drop it here</source>
            <translation>احذفها هنا</translation>
        </message>
        <message>
            <source>Go to the caption</source>
            <translation>اذهب إلى التعليق</translation>
        </message>
        <message>
            <source>Go to the seal</source>
            <translation>اذهب إلى الختم</translation>
        </message>
        <message>
            <source>In all copies</source>
            <translation>في كل النسخ</translation>
        </message>
        <message>
            <source>In plain sight</source>
            <translation>ظاهر للعيان</translation>
        </message>
        <message>
            <source>Keep the place out again</source>
            <translation>أبقِ المكان خارجها من جديد</translation>
        </message>
        <message>
            <source>Keywords that name a removed place are dropped from every copy</source>
            <translation>الكلمات المفتاحية التي تذكر مكانًا مُزالًا تُحذف من كل نسخة</translation>
        </message>
        <message>
            <source>Leave it out here</source>
            <translation>اتركه هنا</translation>
        </message>
        <message>
            <source>Let the place out…</source>
            <translation>اكشف المكان…</translation>
        </message>
        <message>
            <source>No picture has been read yet.</source>
            <translation>لم تُقرأ صورة بعد.</translation>
        </message>
        <message>
            <source>None of the %1 originals tells a place.</source>
            <translation>لا أحد من الأصول (⁨%1⁩) يكشف مكانًا.</translation>
        </message>
        <message>
            <source>Texts that name a removed place are left out of every copy</source>
            <translation>النصوص التي تذكر مكانًا مُزالًا تُترك خارج كل نسخة</translation>
        </message>
        <message>
            <source>That keyword, from this copy</source>
            <translation>تلك الكلمة المفتاحية، من هذه النسخة</translation>
        </message>
        <message>
            <source>The place is taken out of every copy</source>
            <translation>يُزال المكان من كل نسخة</translation>
        </message>
        <message>
            <source>The removed place “%1” stands in %2.</source>
            <translation>المكان المُزال «⁨%1⁩» مذكور في «⁨%2⁩».</translation>
        </message>
        <message>
            <source>These copies tell where the pictures were taken</source>
            <translation>هذه النسخ تكشف أين التُقطت الصور</translation>
        </message>
        <message>
            <source>keeping the place out</source>
            <translation>إبقاء المكان خارجها</translation>
        </message>
        <message>
            <source>leaving out words that name the place</source>
            <translation>ترك الكلمات التي تذكر المكان</translation>
        </message>
        <message>
            <source>letting the place out</source>
            <translation>كشف المكان</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::ProofWall</name>
        <message>
            <source>
%1 × %2, %3</source>
            <translation>
⁦%1 × %2⁩، ⁨%3⁩</translation>
        </message>
        <message>
            <source>
Contrast of the seal: %1 : 1</source>
            <translation>
تباين الختم: ⁦%L1 : 1⁩</translation>
        </message>
        <message>
            <source>
Copy: %1 × %2</source>
            <translation>
النسخة: ⁦%1 × %2⁩</translation>
        </message>
        <message>
            <source>
Different here: %1</source>
            <translation>
المختلف هنا: ⁨%1⁩</translation>
        </message>
        <message>
            <source>
It is taken out of the copies.</source>
            <translation>
يُزال من النسخ.</translation>
        </message>
        <message>
            <source>
No copy: %1</source>
            <translation>
بلا نسخة: ⁨%1⁩</translation>
        </message>
        <message>
            <source>
The original tells a place: %1</source>
            <translation>
الأصل يكشف مكانًا: ⁨%1⁩</translation>
        </message>
        <message>
            <source>
The original tells no place.</source>
            <translation>
الأصل لا يكشف مكانًا.</translation>
        </message>
        <message>
            <source>
This copy will tell it too.</source>
            <translation>
وهذه النسخة ستكشفه أيضًا.</translation>
        </message>
        <message>
            <source>
This is a copy that Keep Seal made: it is left out, so that nothing is framed or sealed twice.</source>
            <translation>
هذه نسخة من صنع Keep Seal: تُترك كي لا يُؤطَّر شيء أو يُختم مرتين.</translation>
        </message>
        <message>
            <source>
This is a copy that Keep Seal made; you chose to stamp it again.</source>
            <translation>
هذه نسخة من صنع Keep Seal؛ وقد اخترت ختمها مرة أخرى.</translation>
        </message>
        <message>
            <source>
Will be held back: </source>
            <translation>
ستُحجز: </translation>
        </message>
        <message>
            <source>, being read</source>
            <translation>، قيد القراءة</translation>
        </message>
        <message>
            <source>Cannot be stamped:
%1</source>
            <translation>لا يمكن ختمها:
⁨%1⁩</translation>
        </message>
        <message>
            <source>Proof wall</source>
            <translation>جدار البروفات</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>متروكة</translation>
        </message>
        <message>
            <source>left out by hand</source>
            <translation>تُركت يدويًا</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::QualityCurve</name>
        <message>
            <source>%1 as %2</source>
            <translation>⁨%1⁩ بصيغة ⁨%2⁩</translation>
        </message>
        <message>
            <source>%1, difference %2</source>
            <translation>⁨%1⁩، الفرق ⁨%2⁩</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>⁨%1⁩: ⁨%2⁩</translation>
        </message>
        <message>
            <source>, difference %1</source>
            <translation>، الفرق ⁨%1⁩</translation>
        </message>
        <message>
            <source>Quality %1: %2</source>
            <translation>الجودة ⁨%1⁩: ⁨%2⁩</translation>
        </message>
        <message>
            <source>line: bytes · dotted: difference</source>
            <translation>الخط: البايتات · المنقّط: الفرق</translation>
        </message>
        <message>
            <source>measuring the file…</source>
            <translation>يُقاس الملف…</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RegisterDesk</name>
        <message>
            <source>%1 is not there any more.</source>
            <translation>⁨%1⁩ لم يعد هناك.</translation>
        </message>
        <message>
            <source>A page to print or send (*.pdf);;A page to read (*.html)</source>
            <translation>صفحة للطباعة أو الإرسال (*.pdf);;صفحة للقراءة (*.html)</translation>
        </message>
        <message>
            <source>Choose copies first.</source>
            <translation>اختر نسخًا أولًا.</translation>
        </message>
        <message>
            <source>Forget copies</source>
            <translation>انسَ النسخ</translation>
        </message>
        <message>
            <source>Forget them</source>
            <translation>انسها</translation>
        </message>
        <message>
            <source>Hold this folder against the register</source>
            <translation>طابق هذا المجلد على السجل</translation>
        </message>
        <message>
            <source>JSON lines (*.jsonl)</source>
            <translation>أسطر JSON (*.jsonl)</translation>
        </message>
        <message>
            <source>JSON lines (*.jsonl);;All files (*)</source>
            <translation>أسطر JSON (*.jsonl);;كل الملفات (*)</translation>
        </message>
        <message>
            <source>Join a register that was saved</source>
            <translation>ضم سجلًا محفوظًا</translation>
        </message>
        <message>
            <source>Keep them</source>
            <translation>أبقها</translation>
        </message>
        <message>
            <source>Look for copies…</source>
            <translation>ابحث عن نسخ…</translation>
        </message>
        <message>
            <source>Save a report</source>
            <translation>احفظ تقريرًا</translation>
        </message>
        <message>
            <source>Save all of the register</source>
            <translation>احفظ السجل كله</translation>
        </message>
        <message>
            <source>Save what is found</source>
            <translation>احفظ ما عُثر عليه</translation>
        </message>
        <message>
            <source>Saved: %1</source>
            <translation>حُفظ: ⁨%1⁩</translation>
        </message>
        <message>
            <source>Tables (*.csv)</source>
            <translation>جداول (*.csv)</translation>
        </message>
        <message>
            <source>What is this picture?</source>
            <translation>ما هذه الصورة؟</translation>
        </message>
        <message>
            <source>What left of this picture</source>
            <translation>ما خرج من هذه الصورة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RegisterModel</name>
        <message>
            <source>%1 × %2</source>
            <translation>⁦%1 × %2⁩</translation>
        </message>
        <message>
            <source>%1, for “%2”, made %3</source>
            <translation>⁨%1⁩، لأجل «⁨%2⁩»، صُنعت ⁨%3⁩</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>النسخة</translation>
        </message>
        <message>
            <source>Delivery</source>
            <translation>التسليم</translation>
        </message>
        <message>
            <source>Made</source>
            <translation>صُنعت</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>الأصل</translation>
        </message>
        <message>
            <source>Pixels</source>
            <translation>البكسلات</translation>
        </message>
        <message>
            <source>Seal</source>
            <translation>الختم</translation>
        </message>
        <message>
            <source>none</source>
            <translation>لا شيء</translation>
        </message>
        <message>
            <source>yes</source>
            <translation>نعم</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RegisterView</name>
        <message>
            <source> to </source>
            <translation> إلى </translation>
        </message>
        <message>
            <source>1201 to 3000 pixels</source>
            <translation>من 1201 إلى 3000 بكسل</translation>
        </message>
        <message>
            <source>A picture that you met somewhere: is it yours, and which copy? Drop it here, or paste it (Ctrl+V)</source>
            <translation>صورة صادفتَها في مكان ما: أهي لك، وأي نسخة؟ أفلتها هنا أو ألصقها (Ctrl+V)</translation>
        </message>
        <message>
            <source>All copies</source>
            <translation>كل النسخ</translation>
        </message>
        <message>
            <source>Any delivery</source>
            <translation>أي تسليم</translation>
        </message>
        <message>
            <source>As a table</source>
            <translation>جدولًا</translation>
        </message>
        <message>
            <source>As small pictures</source>
            <translation>صورًا صغيرة</translation>
        </message>
        <message>
            <source>Copies found, as a table</source>
            <translation>النسخ التي عُثر عليها، جدولًا</translation>
        </message>
        <message>
            <source>Copies found, as pictures</source>
            <translation>النسخ التي عُثر عليها، صورًا</translation>
        </message>
        <message>
            <source>For which delivery</source>
            <translation>لأي تسليم</translation>
        </message>
        <message>
            <source>Forget the chosen copies…</source>
            <translation>انسَ النسخ المختارة…</translation>
        </message>
        <message>
            <source>Join a register that was saved…</source>
            <translation>ضم سجلًا محفوظًا…</translation>
        </message>
        <message>
            <source>Made, as in 2026-05 to 2026-06</source>
            <translation>صُنعت، مثل 2026-05 إلى 2026-06</translation>
        </message>
        <message>
            <source>Make again</source>
            <translation>اصنعها مرة أخرى</translation>
        </message>
        <message>
            <source>Make it again from the ledgers</source>
            <translation>اصنعه من جديد من الدفاتر</translation>
        </message>
        <message>
            <source>More</source>
            <translation>المزيد</translation>
        </message>
        <message>
            <source>More than 3000 pixels</source>
            <translation>أكثر من 3000 بكسل</translation>
        </message>
        <message>
            <source>Names, folders, words in the copies</source>
            <translation>أسماء ومجلدات وكلمات في النسخ</translation>
        </message>
        <message>
            <source>No copy is like that.</source>
            <translation>لا نسخة كهذه.</translation>
        </message>
        <message>
            <source>No copy of %1 has left.</source>
            <translation>لم تخرج نسخة من ⁨%1⁩.</translation>
        </message>
        <message>
            <source>No copy was made yet.
Each run is written into the register by itself.</source>
            <translation>لم تُصنع نسخة بعد.
كل تشغيل يُكتب في السجل من تلقاء نفسه.</translation>
        </message>
        <message>
            <source>Open folder</source>
            <translation>افتح المجلد</translation>
        </message>
        <message>
            <source>Pictures</source>
            <translation>الصور</translation>
        </message>
        <message>
            <source>Save all of the register…</source>
            <translation>احفظ السجل كله…</translation>
        </message>
        <message>
            <source>Save what is found as a table (CSV)…</source>
            <translation>احفظ ما عُثر عليه جدولًا (CSV)…</translation>
        </message>
        <message>
            <source>Show the original</source>
            <translation>أظهر الأصل</translation>
        </message>
        <message>
            <source>Table</source>
            <translation>الجدول</translation>
        </message>
        <message>
            <source>That tell the place</source>
            <translation>التي تكشف المكان</translation>
        </message>
        <message>
            <source>The chosen copy and its history</source>
            <translation>النسخة المختارة وتاريخها</translation>
        </message>
        <message>
            <source>Their originals come to the wall, and their deliveries are ticked: then stamp</source>
            <translation>تأتي أصولها إلى الجدار وتُحدد تسليماتها: ثم اختم</translation>
        </message>
        <message>
            <source>There is no picture on the clipboard.</source>
            <translation>ليس في الحافظة صورة.</translation>
        </message>
        <message>
            <source>Up to 1200 pixels</source>
            <translation>حتى 1200 بكسل</translation>
        </message>
        <message>
            <source>Verify a folder…</source>
            <translation>تحقّق من مجلد…</translation>
        </message>
        <message>
            <source>What is the picture on the clipboard?</source>
            <translation>ما هي الصورة التي في الحافظة؟</translation>
        </message>
        <message>
            <source>What is this?</source>
            <translation>ما هذا؟</translation>
        </message>
        <message>
            <source>When they were made</source>
            <translation>متى صُنعت</translation>
        </message>
        <message>
            <source>Which copies</source>
            <translation>أي النسخ</translation>
        </message>
        <message>
            <source>With a seal</source>
            <translation>عليها ختم</translation>
        </message>
        <message>
            <source>Without a seal</source>
            <translation>بلا ختم</translation>
        </message>
        <message>
            <source>Words of the copies looked for</source>
            <translation>كلمات النسخ المطلوبة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RightsEditor</name>
        <message>
            <source>All fields</source>
            <translation>كل الحقول</translation>
        </message>
        <message>
            <source>Also those nothing is written to</source>
            <translation>حتى التي لا يُكتب فيها شيء</translation>
        </message>
        <message>
            <source>Choose a picture to see what its copy will say.</source>
            <translation>اختر صورة لترى ما ستقوله نسختها.</translation>
        </message>
        <message>
            <source>For %1: what its copy will say, and what the original says there.</source>
            <translation>لأجل ⁨%1⁩: ما ستقوله نسختها وما يقوله الأصل هناك.</translation>
        </message>
        <message>
            <source>One more rule for this field</source>
            <translation>قاعدة أخرى لهذا الحقل</translation>
        </message>
        <message>
            <source>Sheets</source>
            <translation>الأوراق</translation>
        </message>
        <message>
            <source>Take a saved sheet, keep this one, read and write XMP files</source>
            <translation>خذ ورقة محفوظة، أو احفظ هذه، أو اقرأ ملفات XMP واكتبها</translation>
        </message>
        <message>
            <source>a rule for %1</source>
            <translation>قاعدة لحقل ⁨%1⁩</translation>
        </message>
        <message>
            <source>taking out a rule for %1</source>
            <translation>إخراج قاعدة لحقل ⁨%1⁩</translation>
        </message>
        <message>
            <source>the rule for %1</source>
            <translation>قاعدة ⁨%1⁩</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RingDiagram</name>
        <message>
            <source>%1, ring %2 from the picture, %3 px wide</source>
            <translation>⁨%1⁩، الحلقة ⁨%2⁩ من الصورة، عرضها ⁨%3⁩ بكسل</translation>
        </message>
        <message>
            <source>Click a ring to choose it; drag its outer edge, or use the arrow keys</source>
            <translation>انقر حلقة لاختيارها؛ اسحب حافتها الخارجية أو استعمل الأسهم</translation>
        </message>
        <message>
            <source>Rings of the border, from the picture outwards</source>
            <translation>حلقات الإطار، من الصورة إلى الخارج</translation>
        </message>
        <message>
            <source>picture</source>
            <translation>الصورة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RuleEditor</name>
        <message>
            <source>%1 in the language %2</source>
            <translation>⁨%1⁩ باللغة ⁨%2⁩</translation>
        </message>
        <message>
            <source>%1 of IIM's %2 bytes</source>
            <translation>⁨%1⁩ من بايتات IIM (⁨%2⁩)</translation>
        </message>
        <message>
            <source>Another language</source>
            <translation>لغة أخرى</translation>
        </message>
        <message>
            <source>Another language…</source>
            <translation>لغة أخرى…</translation>
        </message>
        <message>
            <source>IIM, the oldest of the three, counts bytes. Longer texts are cut there and stay whole in XMP and Exif.</source>
            <translation>‏IIM، أقدم الثلاثة، يعدّ البايتات. النصوص الأطول تُقطع فيه وتبقى كاملة في XMP وExif.</translation>
        </message>
        <message>
            <source>Language, as in de, fr-CA or ja</source>
            <translation>اللغة، مثل de أو fr-CA أو ja</translation>
        </message>
        <message>
            <source>On which pictures</source>
            <translation>على أي الصور</translation>
        </message>
        <message>
            <source>Take the language %1 out</source>
            <translation>أخرج اللغة ⁨%1⁩</translation>
        </message>
        <message>
            <source>Take this rule out</source>
            <translation>أخرج هذه القاعدة</translation>
        </message>
        <message>
            <source>The copyright sign</source>
            <translation>علامة حقوق النشر</translation>
        </message>
        <message>
            <source>The other way round</source>
            <translation>بالعكس</translation>
        </message>
        <message>
            <source>The same words in one more language</source>
            <translation>الكلمات نفسها بلغة أخرى</translation>
        </message>
        <message>
            <source>Tokens</source>
            <translation>الرموز</translation>
        </message>
        <message>
            <source>What rule %1 does with %2</source>
            <translation>ما تفعله القاعدة ⁨%1⁩ بحقل ⁨%2⁩</translation>
        </message>
        <message>
            <source>Where this does not hold</source>
            <translation>حيث لا ينطبق هذا</translation>
        </message>
        <message>
            <source>Words for %1</source>
            <translation>كلمات حقل ⁨%1⁩</translation>
        </message>
        <message>
            <source>Words of the condition</source>
            <translation>كلمات الشرط</translation>
        </message>
        <message>
            <source>Words that are filled in for each picture</source>
            <translation>كلمات تُملأ لكل صورة</translation>
        </message>
        <message>
            <source>choose</source>
            <translation>اختر</translation>
        </message>
        <message>
            <source>if %1</source>
            <translation>إذا ⁨%1⁩</translation>
        </message>
        <message>
            <source>not</source>
            <translation>ليس</translation>
        </message>
        <message>
            <source>on every picture</source>
            <translation>على كل صورة</translation>
        </message>
        <message>
            <source>parted by semicolons</source>
            <translation>تفصل بينها فواصل منقوطة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RunBar</name>
        <message>
            <source>%1 held back</source>
            <translation>⁨%1⁩ محجوزة</translation>
        </message>
        <message>
            <source>Copies that would lack something their delivery promises: shows them and why</source>
            <translation>نسخ سينقصها شيء يعد به تسليمها: يُظهرها ويبيّن السبب</translation>
        </message>
        <message>
            <source>Finish the pictures at hand, then wait</source>
            <translation>أتمّ الصور الجارية ثم انتظر</translation>
        </message>
        <message>
            <source>Finished copies stay; the next run goes on where this one was</source>
            <translation>تبقى النسخ المنتهية؛ والتشغيل التالي يتابع من حيث وقف هذا</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>تابع</translation>
        </message>
        <message>
            <source>Go on where it is</source>
            <translation>تابع من حيث هو</translation>
        </message>
        <message>
            <source>Open folder</source>
            <translation>افتح المجلد</translation>
        </message>
        <message>
            <source>Pause</source>
            <translation>توقف مؤقتًا</translation>
        </message>
        <message>
            <source>Progress of the run</source>
            <translation>تقدّم التشغيل</translation>
        </message>
        <message>
            <source>Run</source>
            <translation>التشغيل</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>أوقف</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RunDesk</name>
        <message>
            <source>%1 of %2 are made</source>
            <translation>صُنع ⁨%1⁩ من ⁨%2⁩</translation>
        </message>
        <message>
            <source>Keep Seal</source>
            <translation>Keep Seal</translation>
        </message>
        <message>
            <source>Open folder</source>
            <translation>افتح المجلد</translation>
        </message>
        <message>
            <source>PDF (*.pdf)</source>
            <translation>PDF (*.pdf)</translation>
        </message>
        <message>
            <source>Pictures</source>
            <translation>الصور</translation>
        </message>
        <message>
            <source>Save the contact sheet</source>
            <translation>احفظ ورقة المصغّرات</translation>
        </message>
        <message>
            <source>Save the ledger as a table</source>
            <translation>احفظ الدفتر جدولًا</translation>
        </message>
        <message>
            <source>Save the proof sheets</source>
            <translation>احفظ أوراق البروفات</translation>
        </message>
        <message>
            <source>See the check</source>
            <translation>انظر الفحص</translation>
        </message>
        <message>
            <source>Stamping begins</source>
            <translation>بدأ الختم</translation>
        </message>
        <message>
            <source>Tables (*.csv)</source>
            <translation>جداول (*.csv)</translation>
        </message>
        <message>
            <source>Web pages (*.html)</source>
            <translation>صفحات ويب (*.html)</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RunSession</name>
        <message>
            <source>Copies</source>
            <translation>النسخ</translation>
        </message>
        <message>
            <source>Drawing the contact sheet…</source>
            <translation>تُرسم ورقة المصغّرات…</translation>
        </message>
        <message>
            <source>Drawing the proof sheets…</source>
            <translation>تُرسم أوراق البروفات…</translation>
        </message>
        <message>
            <source>In line: %1 more after this one.</source>
            <translation>في الانتظار: ⁨%1⁩ أخرى بعد هذا.</translation>
        </message>
        <message>
            <source>Printing the proof sheets…</source>
            <translation>تُطبع أوراق البروفات…</translation>
        </message>
        <message>
            <source>The deliveries of these copies are no longer here.</source>
            <translation>تسليمات هذه النسخ لم تعد هنا.</translation>
        </message>
        <message>
            <source>The proof sheets are with the printer.</source>
            <translation>أوراق البروفات عند الطابعة.</translation>
        </message>
        <message>
            <source>The report is written.</source>
            <translation>كُتب التقرير.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::SealBench</name>
        <message>
            <source>%1 %</source>
            <translation>%1 %</translation>
        </message>
        <message>
            <source>Adapts</source>
            <translation>يتكيّف</translation>
        </message>
        <message>
            <source>Add a line, box or ring</source>
            <translation>أضف خطًا أو صندوقًا أو حلقة</translation>
        </message>
        <message>
            <source>Add a logo</source>
            <translation>أضف شعارًا</translation>
        </message>
        <message>
            <source>Add a text</source>
            <translation>أضف نصًا</translation>
        </message>
        <message>
            <source>Add my emblem</source>
            <translation>أضف شارتي</translation>
        </message>
        <message>
            <source>Back to the job</source>
            <translation>عودة إلى المهمة</translation>
        </message>
        <message>
            <source>Back to the job (Esc)</source>
            <translation>عودة إلى المهمة (Esc)</translation>
        </message>
        <message>
            <source>Bright</source>
            <translation>فاتحة</translation>
        </message>
        <message>
            <source>Chequered</source>
            <translation>مربّعات</translation>
        </message>
        <message>
            <source>Click a part to change it, double-click a text to write in it. Drag the seal to move it, its corners to resize it, the round grip to turn it (Shift: by 15°).</source>
            <translation>انقر جزءًا لتغييره، وانقر مرتين للكتابة في نص. اسحب الختم لتحريكه، وزواياه لتغيير حجمه، والمقبض المستدير لتدويره (Shift: كل 15°).</translation>
        </message>
        <message>
            <source>Corners</source>
            <translation>الزوايا</translation>
        </message>
        <message>
            <source>Crop it, paint it out, average it away, press it: what is left of the seal (Ctrl+Shift+K)</source>
            <translation>اقتصّه، امحه بالطلاء، أزله بالمتوسط، اضغطه: ما الذي يبقى من الختم (Ctrl+Shift+K)</translation>
        </message>
        <message>
            <source>Dark</source>
            <translation>داكنة</translation>
        </message>
        <message>
            <source>Drag the four corners: for a seal that lies on a surface in the picture</source>
            <translation>اسحب الزوايا الأربع: لختم يستلقي على سطح في الصورة</translation>
        </message>
        <message>
            <source>Duplicate the chosen parts</source>
            <translation>كرّر الأجزاء المختارة</translation>
        </message>
        <message>
            <source>Earlier (Alt+Up)</source>
            <translation>أبكر (Alt+Up)</translation>
        </message>
        <message>
            <source>Equal gaps across (three parts or more)</source>
            <translation>مسافات متساوية أفقيًا (ثلاثة أجزاء فأكثر)</translation>
        </message>
        <message>
            <source>Equal gaps down (three parts or more)</source>
            <translation>مسافات متساوية رأسيًا (ثلاثة أجزاء فأكثر)</translation>
        </message>
        <message>
            <source>Fill in…</source>
            <translation>املأ…</translation>
        </message>
        <message>
            <source>Fit</source>
            <translation>ملاءمة</translation>
        </message>
        <message>
            <source>Ground: %1</source>
            <translation>الأرضية: ⁨%1⁩</translation>
        </message>
        <message>
            <source>Group the chosen parts</source>
            <translation>اجمع الأجزاء المختارة</translation>
        </message>
        <message>
            <source>How the seal looks, where it stands, how it adapts to each picture</source>
            <translation>كيف يبدو الختم وأين يقف وكيف يتكيّف مع كل صورة</translation>
        </message>
        <message>
            <source>Insert %1</source>
            <translation>أدرج ⁨%1⁩</translation>
        </message>
        <message>
            <source>Keep in the library</source>
            <translation>احفظ في المكتبة</translation>
        </message>
        <message>
            <source>Larger (+)</source>
            <translation>أكبر (+)</translation>
        </message>
        <message>
            <source>Later (Alt+Down)</source>
            <translation>لاحقًا (Alt+Down)</translation>
        </message>
        <message>
            <source>Left edges</source>
            <translation>الحواف اليسرى</translation>
        </message>
        <message>
            <source>Library</source>
            <translation>المكتبة</translation>
        </message>
        <message>
            <source>Line up</source>
            <translation>اصطفاف</translation>
        </message>
        <message>
            <source>Logos (*.svg *.pdf *.png *.tif *.tiff *.webp *.jpg *.jpeg)</source>
            <translation>شعارات (*.svg *.pdf *.png *.tif *.tiff *.webp *.jpg *.jpeg)</translation>
        </message>
        <message>
            <source>Looks</source>
            <translation>المظهر</translation>
        </message>
        <message>
            <source>Lower edges</source>
            <translation>الحواف السفلى</translation>
        </message>
        <message>
            <source>Middle</source>
            <translation>متوسطة</translation>
        </message>
        <message>
            <source>Middles, across</source>
            <translation>الأواسط أفقيًا</translation>
        </message>
        <message>
            <source>Middles, down</source>
            <translation>الأواسط رأسيًا</translation>
        </message>
        <message>
            <source>My emblem</source>
            <translation>شارتي</translation>
        </message>
        <message>
            <source>Name of the seal</source>
            <translation>اسم الختم</translation>
        </message>
        <message>
            <source>New text</source>
            <translation>نص جديد</translation>
        </message>
        <message>
            <source>Part</source>
            <translation>جزء</translation>
        </message>
        <message>
            <source>Parts</source>
            <translation>الأجزاء</translation>
        </message>
        <message>
            <source>Redo (Ctrl+Shift+Z)</source>
            <translation>أعد (Ctrl+Shift+Z)</translation>
        </message>
        <message>
            <source>Remove the chosen parts (Delete)</source>
            <translation>أزل الأجزاء المختارة (Delete)</translation>
        </message>
        <message>
            <source>Right edges</source>
            <translation>الحواف اليمنى</translation>
        </message>
        <message>
            <source>Save this seal under its name, to use it elsewhere (Ctrl+K)</source>
            <translation>احفظ هذا الختم باسمه لاستعماله في مكان آخر (Ctrl+K)</translation>
        </message>
        <message>
            <source>Saved seals, to take one (Ctrl+L)</source>
            <translation>الأختام المحفوظة، لأخذ أحدها (Ctrl+L)</translation>
        </message>
        <message>
            <source>Smaller (-)</source>
            <translation>أصغر (-)</translation>
        </message>
        <message>
            <source>Stands</source>
            <translation>الوقوف</translation>
        </message>
        <message>
            <source>Take the chosen group apart</source>
            <translation>فك المجموعة المختارة</translation>
        </message>
        <message>
            <source>The whole picture (0)</source>
            <translation>الصورة كلها (0)</translation>
        </message>
        <message>
            <source>The whole seal</source>
            <translation>الختم كله</translation>
        </message>
        <message>
            <source>Top edges</source>
            <translation>الحواف العليا</translation>
        </message>
        <message>
            <source>Trial</source>
            <translation>التجربة</translation>
        </message>
        <message>
            <source>Undo (Ctrl+Z)</source>
            <translation>تراجع (Ctrl+Z)</translation>
        </message>
        <message>
            <source>What about the seal</source>
            <translation>ما الأمر مع الختم</translation>
        </message>
        <message>
            <source>Words that are filled in for each picture</source>
            <translation>كلمات تُملأ لكل صورة</translation>
        </message>
        <message>
            <source>Yours</source>
            <translation>صورك</translation>
        </message>
        <message>
            <source>adding a logo</source>
            <translation>إضافة شعار</translation>
        </message>
        <message>
            <source>adding a shape</source>
            <translation>إضافة شكل</translation>
        </message>
        <message>
            <source>adding a text</source>
            <translation>إضافة نص</translation>
        </message>
        <message>
            <source>adding my emblem</source>
            <translation>إضافة شارتي</translation>
        </message>
        <message>
            <source>changing “%1” of a part</source>
            <translation>تغيير «⁨%1⁩» في جزء</translation>
        </message>
        <message>
            <source>choosing a typeface</source>
            <translation>اختيار خط</translation>
        </message>
        <message>
            <source>contrast %1 : 1</source>
            <translation>التباين ⁦%L1 : 1⁩</translation>
        </message>
        <message>
            <source>duplicating parts</source>
            <translation>تكرار أجزاء</translation>
        </message>
        <message>
            <source>grouping parts</source>
            <translation>جمع أجزاء</translation>
        </message>
        <message>
            <source>lining parts up</source>
            <translation>صفّ الأجزاء</translation>
        </message>
        <message>
            <source>naming the seal</source>
            <translation>تسمية الختم</translation>
        </message>
        <message>
            <source>removing parts</source>
            <translation>إزالة أجزاء</translation>
        </message>
        <message>
            <source>reordering parts</source>
            <translation>إعادة ترتيب الأجزاء</translation>
        </message>
        <message>
            <source>seen %1 : 1</source>
            <translation>يُرى ⁦%L1 : 1⁩</translation>
        </message>
        <message>
            <source>spreading parts</source>
            <translation>توزيع الأجزاء</translation>
        </message>
        <message>
            <source>the seal of %1</source>
            <translation>ختم ⁨%1⁩</translation>
        </message>
        <message>
            <source>ungrouping parts</source>
            <translation>فك مجموعة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::SealCanvas</name>
        <message>
            <source>Canvas: the seal on a picture; arrow keys move what is selected</source>
            <translation>اللوحة: الختم على صورة؛ الأسهم تحرّك المختار</translation>
        </message>
        <message>
            <source>No picture in the job yet: choose a plain ground below</source>
            <translation>لا صورة في المهمة بعد: اختر أرضية سادة في الأسفل</translation>
        </message>
        <message>
            <source>Text of %1</source>
            <translation>نص ⁨%1⁩</translation>
        </message>
        <message>
            <source>being read</source>
            <translation>قيد القراءة</translation>
        </message>
        <message>
            <source>changing the text</source>
            <translation>تغيير النص</translation>
        </message>
        <message>
            <source>dragging a corner</source>
            <translation>سحب زاوية</translation>
        </message>
        <message>
            <source>moving parts</source>
            <translation>تحريك أجزاء</translation>
        </message>
        <message>
            <source>moving the pattern</source>
            <translation>تحريك النمط</translation>
        </message>
        <message>
            <source>moving the seal</source>
            <translation>تحريك الختم</translation>
        </message>
        <message>
            <source>removing parts</source>
            <translation>إزالة أجزاء</translation>
        </message>
        <message>
            <source>resizing parts</source>
            <translation>تغيير حجم أجزاء</translation>
        </message>
        <message>
            <source>resizing the seal</source>
            <translation>تغيير حجم الختم</translation>
        </message>
        <message>
            <source>turning the seal</source>
            <translation>تدوير الختم</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::SealChooser</name>
        <message>
            <source> copy</source>
            <translation> نسخة</translation>
        </message>
        <message>
            <source>A copy that you can change</source>
            <translation>نسخة يمكنك تغييرها</translation>
        </message>
        <message>
            <source>Another name for this seal</source>
            <translation>اسم آخر لهذا الختم</translation>
        </message>
        <message>
            <source>Back without a change (Esc)</source>
            <translation>عودة بلا تغيير (Esc)</translation>
        </message>
        <message>
            <source>Bring back</source>
            <translation>أعده</translation>
        </message>
        <message>
            <source>Brings the removed seal back</source>
            <translation>يعيد الختم المُزال</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>أغلق</translation>
        </message>
        <message>
            <source>Comes with Keep Seal: duplicate it to change it here.</source>
            <translation>يأتي مع Keep Seal: كرّره لتغيّره هنا.</translation>
        </message>
        <message>
            <source>Duplicate</source>
            <translation>كرّر</translation>
        </message>
        <message>
            <source>Import a shared seal</source>
            <translation>أدخل ختمًا مشاركًا</translation>
        </message>
        <message>
            <source>Import…</source>
            <translation>أدخل…</translation>
        </message>
        <message>
            <source>Name of the seal</source>
            <translation>اسم الختم</translation>
        </message>
        <message>
            <source>No seal has these words.</source>
            <translation>لا ختم فيه هذه الكلمات.</translation>
        </message>
        <message>
            <source>Notes</source>
            <translation>ملاحظات</translation>
        </message>
        <message>
            <source>Notes and tags…</source>
            <translation>ملاحظات ووسوم…</translation>
        </message>
        <message>
            <source>One zip with logos and typefaces, or a PNG or SVG picture with transparency</source>
            <translation>ملف zip فيه الشعارات والخطوط، أو صورة PNG أو SVG شفافة</translation>
        </message>
        <message>
            <source>Remove</source>
            <translation>أزل</translation>
        </message>
        <message>
            <source>Rename</source>
            <translation>غيّر الاسم</translation>
        </message>
        <message>
            <source>Rename…</source>
            <translation>غيّر الاسم…</translation>
        </message>
        <message>
            <source>Save as a picture</source>
            <translation>احفظ صورةً</translation>
        </message>
        <message>
            <source>Saved as %1</source>
            <translation>حُفظ باسم ⁨%1⁩</translation>
        </message>
        <message>
            <source>Saved seals</source>
            <translation>الأختام المحفوظة</translation>
        </message>
        <message>
            <source>Seals</source>
            <translation>الأختام</translation>
        </message>
        <message>
            <source>Seals in the library</source>
            <translation>الأختام في المكتبة</translation>
        </message>
        <message>
            <source>Search names, notes and tags</source>
            <translation>ابحث في الأسماء والملاحظات والوسوم</translation>
        </message>
        <message>
            <source>Search the library</source>
            <translation>ابحث في المكتبة</translation>
        </message>
        <message>
            <source>Share or save as</source>
            <translation>شارك أو احفظ بصيغة</translation>
        </message>
        <message>
            <source>Share or save as…</source>
            <translation>شارك أو احفظ بصيغة…</translation>
        </message>
        <message>
            <source>Shared seal (*.zip);;PNG picture (*.png);;SVG picture (*.svg)</source>
            <translation>ختم مشارك (*.zip);;صورة PNG (*.png);;صورة SVG (*.svg)</translation>
        </message>
        <message>
            <source>Shared seals (*.zip)</source>
            <translation>أختام مشاركة (*.zip)</translation>
        </message>
        <message>
            <source>Tags</source>
            <translation>الوسوم</translation>
        </message>
        <message>
            <source>Tags: %1   </source>
            <translation>الوسوم: ⁨%1⁩   </translation>
        </message>
        <message>
            <source>Takes a shared seal into the library</source>
            <translation>يُدخل ختمًا مشاركًا إلى المكتبة</translation>
        </message>
        <message>
            <source>Takes it out of the library; can be brought back</source>
            <translation>يُخرجه من المكتبة؛ ويمكن إعادته</translation>
        </message>
        <message>
            <source>The library is empty.</source>
            <translation>المكتبة فارغة.</translation>
        </message>
        <message>
            <source>Use this seal</source>
            <translation>استعمل هذا الختم</translation>
        </message>
        <message>
            <source>What it is for, and words to find it by</source>
            <translation>ما الغرض منه، وكلمات يُعثر عليه بها</translation>
        </message>
        <message>
            <source>What this seal is for</source>
            <translation>ما الغرض من هذا الختم</translation>
        </message>
        <message>
            <source>Width in pixels</source>
            <translation>العرض بالبكسل</translation>
        </message>
        <message>
            <source>Words to find it by, with commas between</source>
            <translation>كلمات يُعثر عليه بها، بينها فواصل</translation>
        </message>
        <message>
            <source>“%1” is in the library now.</source>
            <translation>«⁨%1⁩» الآن في المكتبة.</translation>
        </message>
        <message>
            <source>“%1” was removed.</source>
            <translation>أُزيل «⁨%1⁩».</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::SendingDesk</name>
        <message>
            <source>
Copies may be sent there from now on.</source>
            <translation>
يجوز إرسال النسخ إلى هناك من الآن.</translation>
        </message>
        <message>
            <source>Accept this key</source>
            <translation>اقبل هذا المفتاح</translation>
        </message>
        <message>
            <source>For %1.
It goes into the desktop's secret store, and nowhere else.</source>
            <translation>لأجل ⁨%1⁩.
توضع في مخزن أسرار سطح المكتب ولا مكان آخر.</translation>
        </message>
        <message>
            <source>Name the server and the user first.</source>
            <translation>اذكر الخادم والمستخدم أولًا.</translation>
        </message>
        <message>
            <source>Name the server first.</source>
            <translation>اذكر الخادم أولًا.</translation>
        </message>
        <message>
            <source>Outbox…</source>
            <translation>الصادر…</translation>
        </message>
        <message>
            <source>Password</source>
            <translation>كلمة المرور</translation>
        </message>
        <message>
            <source>The password is in the desktop's secret store.</source>
            <translation>كلمة المرور في مخزن أسرار سطح المكتب.</translation>
        </message>
        <message>
            <source>The server's key: %1

</source>
            <translation>مفتاح الخادم: ⁨%1⁩

</translation>
        </message>
        <message>
            <source>This delivery takes its password from elsewhere: choose the desktop's secret store first.</source>
            <translation>يأخذ هذا التسليم كلمة مروره من مكان آخر: اختر أولًا مخزن أسرار سطح المكتب.</translation>
        </message>
        <message>
            <source>Try it out</source>
            <translation>جرّب</translation>
        </message>
        <message>
            <source>Trying %1 out…</source>
            <translation>جارٍ تجريب ⁨%1⁩…</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::SettingForm</name>
        <message>
            <source>%1, settings</source>
            <translation>⁨%1⁩، إعدادات</translation>
        </message>
        <message>
            <source>Choose the file</source>
            <translation>اختر الملف</translation>
        </message>
        <message>
            <source>Choose the folder</source>
            <translation>اختر المجلد</translation>
        </message>
        <message>
            <source>Logos (*.svg *.pdf *.png *.tif *.tiff *.webp *.jpg *.jpeg)</source>
            <translation>شعارات (*.svg *.pdf *.png *.tif *.tiff *.webp *.jpg *.jpeg)</translation>
        </message>
        <message>
            <source>no file yet</source>
            <translation>لا ملف بعد</translation>
        </message>
        <message>
            <source>no folder yet</source>
            <translation>لا مجلد بعد</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::SingleView</name>
        <message>
            <source>   ·   as saved: %1</source>
            <translation>   ·   كما حُفظ: ⁨%1⁩</translation>
        </message>
        <message>
            <source>   ·   being saved…</source>
            <translation>   ·   قيد الحفظ…</translation>
        </message>
        <message>
            <source>   ·   contrast %1 : 1</source>
            <translation>   ·   التباين ⁦%L1 : 1⁩</translation>
        </message>
        <message>
            <source>   ·   copy %1 × %2   ·   shown at %3 %</source>
            <translation>   ·   النسخة ⁦%1 × %2⁩   ·   معروضة بنسبة ⁨%3⁩ %</translation>
        </message>
        <message>
            <source>   ·   original %1 × %2</source>
            <translation>   ·   الأصل ⁦%1 × %2⁩</translation>
        </message>
        <message>
            <source>   ·   page %1 of %2</source>
            <translation>   ·   الصفحة ⁨%1⁩ من ⁨%2⁩</translation>
        </message>
        <message>
            <source>   ·   place in the original: %1</source>
            <translation>   ·   المكان في الأصل: ⁨%1⁩</translation>
        </message>
        <message>
            <source> (Page Up, Page Down)</source>
            <translation> (Page Up، Page Down)</translation>
        </message>
        <message>
            <source>Click on the picture to take a colour · Escape gives up</source>
            <translation>انقر على الصورة لأخذ لون · Escape للترك</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>النسخة</translation>
        </message>
        <message>
            <source>One picture</source>
            <translation>صورة واحدة</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>الأصل</translation>
        </message>
        <message>
            <source>Reading the picture…</source>
            <translation>تُقرأ الصورة…</translation>
        </message>
        <message>
            <source>difference %1 of 100</source>
            <translation>الفرق ⁨%L1⁩ من 100</translation>
        </message>
        <message>
            <source>shown %1 times as large</source>
            <translation>معروض مكبّرًا ⁨%1⁩ مرات</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::TrialDialog</name>
        <message>
            <source>%1 · %2 of 100</source>
            <translation>⁨%1⁩ · ⁨%2⁩ من 100</translation>
        </message>
        <message>
            <source>%1 · not tried</source>
            <translation>⁨%1⁩ · لم تُجرّب</translation>
        </message>
        <message>
            <source>100: nothing of the seal was lost. That a mark holds here does not prove that it can't be taken off.</source>
            <translation>100: لم يضع شيء من الختم. صمود العلامة هنا لا يثبت أنها لا تُزال.</translation>
        </message>
        <message>
            <source>Afterwards</source>
            <translation>بعدها</translation>
        </message>
        <message>
            <source>As sealed</source>
            <translation>كما خُتمت</translation>
        </message>
        <message>
            <source>How far the trial has come</source>
            <translation>كم بلغت التجربة</translation>
        </message>
        <message>
            <source>Picture, worst first</source>
            <translation>الصورة، الأسوأ أولًا</translation>
        </message>
        <message>
            <source>Trial of the seal</source>
            <translation>تجربة الختم</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::TrialStrip</name>
        <message>
            <source>
The number is the contrast of the seal as measured, to 1.</source>
            <translation>
العدد هو تباين الختم كما قيس، إلى 1.</translation>
        </message>
        <message>
            <source> · logo enlarged, needs %1 × %2 px</source>
            <translation> · الشعار مكبّر، ويحتاج إلى ⁦%1 × %2⁩ بكسل</translation>
        </message>
        <message>
            <source> · on plain ground in %1</source>
            <translation> · على أرضية سادة في ⁨%1⁩</translation>
        </message>
        <message>
            <source>, being measured</source>
            <translation>، قيد القياس</translation>
        </message>
        <message>
            <source>, contrast %1 to 1</source>
            <translation>، التباين ⁨%1⁩ إلى 1</translation>
        </message>
        <message>
            <source>Hard cases for this seal</source>
            <translation>حالات صعبة لهذا الختم</translation>
        </message>
        <message>
            <source>Where this seal is most likely to fail</source>
            <translation>حيث يُرجّح أن يخفق هذا الختم</translation>
        </message>
        <message>
            <source>being measured</source>
            <translation>قيد القياس</translation>
        </message>
        <message>
            <source>black to white</source>
            <translation>من الأسود إلى الأبيض</translation>
        </message>
        <message>
            <source>hard to read in %1 of %2</source>
            <translation>صعب القراءة في ⁨%1⁩ من ⁨%2⁩</translation>
        </message>
        <message>
            <source>readable in all %1 measured</source>
            <translation>مقروء في كل ما قيس (⁨%1⁩)</translation>
        </message>
        <message>
            <source>tall</source>
            <translation>طولية</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::TypefaceBox</name>
        <message>
            <source>%1 (not here)</source>
            <translation>⁨%1⁩ (ليس هنا)</translation>
        </message>
        <message>
            <source>Add a typeface</source>
            <translation>أضف خطًا</translation>
        </message>
        <message>
            <source>Add a typeface…</source>
            <translation>أضف خطًا…</translation>
        </message>
        <message>
            <source>Typefaces (*.ttf *.otf *.ttc)</source>
            <translation>خطوط (*.ttf *.otf *.ttc)</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::VerifyDialog</name>
        <message>
            <source>%1 %2</source>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <translation>⁨%1⁩: ⁨%2⁩.</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>أغلق</translation>
        </message>
        <message>
            <source>File</source>
            <translation>الملف</translation>
        </message>
        <message>
            <source>Files</source>
            <translation>الملفات</translation>
        </message>
        <message>
            <source>Files are being read</source>
            <translation>تُقرأ الملفات</translation>
        </message>
        <message>
            <source>Is</source>
            <translation>حاله</translation>
        </message>
        <message>
            <source>Known as</source>
            <translation>يُعرف بأنه</translation>
        </message>
        <message>
            <source>Reading every file in %1…</source>
            <translation>يُقرأ كل ملف في ⁨%1⁩…</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>أوقف</translation>
        </message>
        <message>
            <source>There is nothing in %1.</source>
            <translation>ليس في ⁨%1⁩ شيء.</translation>
        </message>
        <message>
            <source>Verify a folder</source>
            <translation>تحقّق من مجلد</translation>
        </message>
        <message>
            <source>a copy for "%1", %2</source>
            <translation>نسخة لأجل «⁨%1⁩»، ⁨%2⁩</translation>
        </message>
        <message>
            <source>an original, last copied %1</source>
            <translation>أصل، آخر نسخ منه ⁨%1⁩</translation>
        </message>
        <message>
            <source>can't be read</source>
            <translation>لا يُقرأ</translation>
        </message>
        <message>
            <source>changed</source>
            <translation>تغيّر</translation>
        </message>
        <message>
            <source>missing</source>
            <translation>مفقود</translation>
        </message>
        <message>
            <source>not in the register</source>
            <translation>ليس في السجل</translation>
        </message>
        <message>
            <source>untouched</source>
            <translation>كما هو</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::Views</name>
        <message>
            <source>100 %</source>
            <translation>100 %</translation>
        </message>
        <message>
            <source>200 %</source>
            <translation>200 %</translation>
        </message>
        <message>
            <source>Fit</source>
            <translation>ملاءمة</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::ViewsHeader</name>
        <message>
            <source>100 %</source>
            <translation>100 %</translation>
        </message>
        <message>
            <source>200 %</source>
            <translation>200 %</translation>
        </message>
        <message>
            <source>All proofs (Ctrl+1)</source>
            <translation>كل البروفات (Ctrl+1)</translation>
        </message>
        <message>
            <source>As saved</source>
            <translation>كما سيُحفظ</translation>
        </message>
        <message>
            <source>Before / after</source>
            <translation>قبل / بعد</translation>
        </message>
        <message>
            <source>Close the notice</source>
            <translation>أغلق الإشعار</translation>
        </message>
        <message>
            <source>Dark, middle or light grey around the pictures (Ctrl+G)</source>
            <translation>رمادي داكن أو متوسط أو فاتح حول الصور (Ctrl+G)</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>الفرق</translation>
        </message>
        <message>
            <source>Every copy that ever left, and what a picture is that you met (Ctrl+7)</source>
            <translation>كل نسخة خرجت يومًا، وما هي صورة صادفتَها (Ctrl+7)</translation>
        </message>
        <message>
            <source>Every copy, before and after the run (Ctrl+6)</source>
            <translation>كل نسخة، قبل التشغيل وبعده (Ctrl+6)</translation>
        </message>
        <message>
            <source>Fit</source>
            <translation>ملاءمة</translation>
        </message>
        <message>
            <source>Grey</source>
            <translation>الرمادي</translation>
        </message>
        <message>
            <source>Grey around the pictures</source>
            <translation>الرمادي حول الصور</translation>
        </message>
        <message>
            <source>One</source>
            <translation>واحدة</translation>
        </message>
        <message>
            <source>One proof, large (Ctrl+2 or Enter)</source>
            <translation>بروفة واحدة كبيرة (Ctrl+2 أو Enter)</translation>
        </message>
        <message>
            <source>Original and copy with a divider (Ctrl+3)</source>
            <translation>الأصل والنسخة بينهما فاصل (Ctrl+3)</translation>
        </message>
        <message>
            <source>Plan and check</source>
            <translation>الخطة والفحص</translation>
        </message>
        <message>
            <source>Register</source>
            <translation>السجل</translation>
        </message>
        <message>
            <source>Size of the proofs</source>
            <translation>حجم البروفات</translation>
        </message>
        <message>
            <source>Size of the proofs (Ctrl+wheel)</source>
            <translation>حجم البروفات (Ctrl+العجلة)</translation>
        </message>
        <message>
            <source>The picture as its file will be, decoded again, with its bytes (Ctrl+E)</source>
            <translation>الصورة كما سيكون ملفها، مقروءة من جديد، مع بايتاتها (Ctrl+E)</translation>
        </message>
        <message>
            <source>Wall</source>
            <translation>الجدار</translation>
        </message>
        <message>
            <source>What all copies will say, as a table (Ctrl+4)</source>
            <translation>ما ستقوله كل النسخ، جدولًا (Ctrl+4)</translation>
        </message>
        <message>
            <source>What each file tells, and what its copy will (Ctrl+5)</source>
            <translation>ما يكشفه كل ملف وما ستكشفه نسخته (Ctrl+5)</translation>
        </message>
        <message>
            <source>What leaves</source>
            <translation>ما يخرج</translation>
        </message>
        <message>
            <source>What saving changed, enlarged on grey (Ctrl+Shift+Y)</source>
            <translation>ما غيّره الحفظ، مضخّمًا على رمادي (Ctrl+Shift+Y)</translation>
        </message>
        <message>
            <source>Words</source>
            <translation>الكلمات</translation>
        </message>
        <message>
            <source>Zoom: %1</source>
            <translation>التكبير: ⁨%1⁩</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::WatchDesk</name>
        <message>
            <source>Another job was opened: its pictures and those of the folder are not mixed.</source>
            <translation>فُتحت مهمة أخرى: لا تُخلط صورها بصور المجلد.</translation>
        </message>
        <message>
            <source>Choose the folder first.</source>
            <translation>اختر المجلد أولًا.</translation>
        </message>
        <message>
            <source>Watch a folder…</source>
            <translation>راقب مجلدًا…</translation>
        </message>
        <message>
            <source>came onto the wall</source>
            <translation>جاءت إلى الجدار</translation>
        </message>
        <message>
            <source>came onto the wall; a ticked delivery has no folder for its copies</source>
            <translation>جاءت إلى الجدار؛ تسليم محدد ليس له مجلد لنسخه</translation>
        </message>
        <message>
            <source>could not be made</source>
            <translation>تعذّر صنعها</translation>
        </message>
        <message>
            <source>has the bytes of %1, whose copies were made on %2: nothing is made again</source>
            <translation>لها بايتات ⁨%1⁩ نفسها، وقد صُنعت نسخها في ⁨%2⁩: لا يُصنع شيء مرة أخرى</translation>
        </message>
        <message>
            <source>held back: %1</source>
            <translation>محجوزة: ⁨%1⁩</translation>
        </message>
        <message>
            <source>left out: its name is taken</source>
            <translation>تُركت: اسمها مأخوذ</translation>
        </message>
        <message>
            <source>made</source>
            <translation>صُنعت</translation>
        </message>
        <message>
            <source>was there already</source>
            <translation>كانت هناك من قبل</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::WatchDialog</name>
        <message>
            <source>Choose…</source>
            <translation>اختر…</translation>
        </message>
        <message>
            <source>Folder</source>
            <translation>المجلد</translation>
        </message>
        <message>
            <source>Nothing is watched. Pictures that come into the folder go onto the wall by themselves.</source>
            <translation>لا شيء مُراقب. الصور التي تصل إلى المجلد تذهب إلى الجدار من تلقاء نفسها.</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>الصورة</translation>
        </message>
        <message>
            <source>Stamp each picture by the ticked deliveries as it comes</source>
            <translation>اختم كل صورة حال وصولها بالتسليمات المحددة</translation>
        </message>
        <message>
            <source>Watch</source>
            <translation>راقب</translation>
        </message>
        <message>
            <source>Watch a folder</source>
            <translation>راقب مجلدًا</translation>
        </message>
        <message>
            <source>Watch no more</source>
            <translation>كُفّ عن المراقبة</translation>
        </message>
        <message>
            <source>Watch this folder</source>
            <translation>راقب هذا المجلد</translation>
        </message>
        <message>
            <source>Watched while this window is open: what has been at rest for two seconds comes onto the wall.</source>
            <translation>يُراقب ما دامت هذه النافذة مفتوحة: ما سكن ثانيتين يأتي إلى الجدار.</translation>
        </message>
        <message>
            <source>What was done</source>
            <translation>ما الذي جرى</translation>
        </message>
        <message>
            <source>When</source>
            <translation>متى</translation>
        </message>
        <message>
            <source>With all folders in it</source>
            <translation>مع كل المجلدات التي فيه</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::WhoDialog</name>
        <message>
            <source>Only for this job</source>
            <translation>لهذه المهمة وحدها</translation>
        </message>
        <message>
            <source>Otherwise it is remembered for every job</source>
            <translation>وإلا فيُتذكّر لكل مهمة</translation>
        </message>
        <message>
            <source>Said once: seals, captions and rights sheets use it wherever they hold {studio}, {studio_link} and the like.</source>
            <translation>يُقال مرة واحدة: تستعمله الأختام والتعليقات وأوراق الحقوق حيثما وردت ⁨{studio}⁩ و⁨{studio_link}⁩ وأمثالهما.</translation>
        </message>
        <message>
            <source>That is me</source>
            <translation>هذا أنا</translation>
        </message>
        <message>
            <source>These copies are held back, because their designs ask for something that is not said yet. Said once, every design uses it.</source>
            <translation>هذه النسخ محجوزة لأن تصاميمها تسأل عما لم يُقل بعد. إذا قيل مرة استعمله كل تصميم.</translation>
        </message>
        <message>
            <source>Who you are</source>
            <translation>من أنت</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::WordsDesk</name>
        <message>
            <source>A page to read (*.html);;JSON (*.json)</source>
            <translation>صفحة للقراءة (*.html);;JSON (*.json)</translation>
        </message>
        <message>
            <source>Save a report</source>
            <translation>احفظ تقريرًا</translation>
        </message>
        <message>
            <source>Save the words</source>
            <translation>احفظ الكلمات</translation>
        </message>
        <message>
            <source>Tables (*.csv *.tsv *.txt)</source>
            <translation>جداول (*.csv *.tsv *.txt)</translation>
        </message>
        <message>
            <source>Tables (*.csv)</source>
            <translation>جداول (*.csv)</translation>
        </message>
        <message>
            <source>What do the files in there tell?</source>
            <translation>ماذا تكشف الملفات التي فيه؟</translation>
        </message>
        <message>
            <source>What do these files tell?</source>
            <translation>ماذا تكشف هذه الملفات؟</translation>
        </message>
        <message>
            <source>Words from a table</source>
            <translation>كلمات من جدول</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::WordsModel</name>
        <message>
            <source>%1 of %2</source>
            <translation>⁨%1⁩ من ⁨%2⁩</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>الصورة</translation>
        </message>
        <message>
            <source>Problems</source>
            <translation>المشكلات</translation>
        </message>
        <message>
            <source>The original says: %1</source>
            <translation>الأصل يقول: ⁨%1⁩</translation>
        </message>
        <message>
            <source>being read</source>
            <translation>قيد القراءة</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>لا شيء</translation>
        </message>
        <message>
            <source>nothing to look at</source>
            <translation>لا شيء يستحق النظر</translation>
        </message>
        <message>
            <source>taking back typed words</source>
            <translation>إلغاء الكلمات المكتوبة</translation>
        </message>
        <message>
            <source>words from a table</source>
            <translation>كلمات من جدول</translation>
        </message>
        <message>
            <source>…</source>
            <translation>…</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::WordsView</name>
        <message>
            <source>%1 of %2 pictures read so far.</source>
            <translation>قُرئ حتى الآن ⁨%1⁩ من ⁨%2⁩ من الصور.</translation>
        </message>
        <message>
            <source>A table made here or elsewhere; the first column names the file</source>
            <translation>جدول صُنع هنا أو في مكان آخر؛ العمود الأول يسمّي الملف</translation>
        </message>
        <message>
            <source>Fields</source>
            <translation>الحقول</translation>
        </message>
        <message>
            <source>Save as CSV…</source>
            <translation>احفظ CSV…</translation>
        </message>
        <message>
            <source>Take back typed words</source>
            <translation>ألغِ الكلمات المكتوبة</translation>
        </message>
        <message>
            <source>The chosen cells as the sheet and the original have them (Del)</source>
            <translation>الخلايا المختارة كما هي في الورقة والأصل (Del)</translation>
        </message>
        <message>
            <source>This table, for a spreadsheet</source>
            <translation>هذا الجدول، لبرنامج جداول</translation>
        </message>
        <message>
            <source>Which fields are shown</source>
            <translation>أي الحقول تظهر</translation>
        </message>
        <message>
            <source>Words from CSV…</source>
            <translation>كلمات من CSV…</translation>
        </message>
        <message>
            <source>Words of every copy</source>
            <translation>كلمات كل نسخة</translation>
        </message>
    </context>
</TS>
