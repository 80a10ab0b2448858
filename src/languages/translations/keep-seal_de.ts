<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
    <context>
        <name>QObject</name>
        <message>
            <source>  gone from the file</source>
            <translation>  fehlt in der Datei</translation>
        </message>
        <message>
            <source>  now: </source>
            <translation>  jetzt: </translation>
        </message>
        <message>
            <source> (its window was not closed)</source>
            <translation> (ihr Fenster wurde nicht geschlossen)</translation>
        </message>
        <message>
            <source> An original changed during the run: see the check.</source>
            <translation> Ein Original hat sich während des Laufs geändert: siehe Prüfung.</translation>
        </message>
        <message>
            <source> Only %1 are left at %2.</source>
            <translation> Nur %1 sind frei auf %2.</translation>
        </message>
        <message>
            <source> The originals are byte for byte as they were.</source>
            <translation> Die Originale sind Byte für Byte wie zuvor.</translation>
        </message>
        <message>
            <source> Your own typeface stays in use: %1.</source>
            <translation> Ihre eigene Schrift bleibt in Gebrauch: %1.</translation>
        </message>
        <message>
            <source> · %1 already there</source>
            <translation> · %1 schon da</translation>
        </message>
        <message>
            <source> · %1 can't be made</source>
            <translation> · %1 nicht herstellbar</translation>
        </message>
        <message>
            <source> · %1 left out</source>
            <translation> · %1 ausgelassen</translation>
        </message>
        <message>
            <source> · %1 more in line</source>
            <translation> · %1 weitere in der Reihe</translation>
        </message>
        <message>
            <source> · %1 worth a look</source>
            <translation> · %1 anzusehen</translation>
        </message>
        <message>
            <source> · ONLY %1 LEFT ON THE DISK</source>
            <translation> · NUR NOCH %1 PLATZ AUF DEM DATENTRÄGER</translation>
        </message>
        <message>
            <source> · THE PLACE IS TOLD</source>
            <translation> · DER AUFNAHMEORT WIRD VERRATEN</translation>
        </message>
        <message>
            <source> · about %1</source>
            <translation> · etwa %1</translation>
        </message>
        <message>
            <source> · about %1 min left</source>
            <translation> · noch etwa %1 min</translation>
        </message>
        <message>
            <source> · about %1 s left</source>
            <translation> · noch etwa %1 s</translation>
        </message>
        <message>
            <source> · nothing will be replaced</source>
            <translation> · nichts wird ersetzt</translation>
        </message>
        <message>
            <source> · seal hard to read on %1 of %2</source>
            <translation> · Siegel schwer lesbar auf %1 von %2</translation>
        </message>
        <message>
            <source>%1 % agree</source>
            <translation>%1 % stimmen überein</translation>
        </message>
        <message>
            <source>%1 %2 %3</source>
            <comment>3 copies, of 2 pictures, to a folder</comment>
            <translation>%1 %2 %3</translation>
        </message>
        <message>
            <source>%1 could not be read whole</source>
            <translation>%1 ließ sich nicht ganz lesen</translation>
        </message>
        <message>
            <source>%1 of %2 copies were searched and tell no place. %3 of %4 originals were read again and are byte for byte as they were. %5 in all.</source>
            <translation>%1 von %2 Kopien wurden durchsucht und verraten keinen Ort. %3 von %4 Originalen wurden nochmals gelesen und sind Byte für Byte wie zuvor. %5 insgesamt.</translation>
        </message>
        <message>
            <source>%1 of %2 parts with any drawing agree; it shows %3 % of the picture</source>
            <translation>%1 von %2 Teilen mit Zeichnung stimmen überein; es zeigt %3 % des Bildes</translation>
        </message>
        <message>
            <source>%1 of %2 px are kept for the copy's %3 px   ·   drag the frame, or use the arrow keys</source>
            <translation>%1 von %2 px bleiben für die %3 px der Kopie   ·   Rahmen ziehen oder Pfeiltasten nehmen</translation>
        </message>
        <message>
            <source>%1 tells a place</source>
            <translation>%1 verrät einen Ort</translation>
        </message>
        <message>
            <source>%1 tells no place</source>
            <translation>%1 verrät keinen Ort</translation>
        </message>
        <message>
            <source>%1 × %2 pixels</source>
            <translation>%1 × %2 Pixel</translation>
        </message>
        <message>
            <source>%1, byte %2</source>
            <translation>%1, Byte %2</translation>
        </message>
        <message>
            <source>%1, theme %2, style %3</source>
            <translation>%1, Thema %2, Stil %3</translation>
        </message>
        <message>
            <source>, </source>
            <translation>, </translation>
        </message>
        <message>
            <source>1 to 5</source>
            <translation>1 bis 5</translation>
        </message>
        <message>
            <source>; </source>
            <translation>; </translation>
        </message>
        <message>
            <source>; its delivery has changed since</source>
            <translation>; die Lieferung hat sich seitdem geändert</translation>
        </message>
        <message>
            <source>; the original is another one now</source>
            <translation>; das Original ist inzwischen ein anderes</translation>
        </message>
        <message>
            <source>A copy of this picture, as it left</source>
            <translation>Eine Kopie dieses Bildes, wie sie hinausging</translation>
        </message>
        <message>
            <source>All %1 copies are already there, made from the same originals with the same settings.</source>
            <translation>Alle %1 Kopien sind schon da, aus denselben Originalen mit denselben Einstellungen gemacht.</translation>
        </message>
        <message>
            <source>All stamped</source>
            <translation>Alles gestempelt</translation>
        </message>
        <message>
            <source>All that left of this original: %1</source>
            <translation>Alles, was von diesem Original hinausging: %1</translation>
        </message>
        <message>
            <source>Border left %1, right %3,
top %2, bottom %4 px
</source>
            <translation>Rahmen links %1, rechts %3,
oben %2, unten %4 px
</translation>
        </message>
        <message>
            <source>Choose the folder…</source>
            <translation>Ordner wählen…</translation>
        </message>
        <message>
            <source>Delivered all the same</source>
            <translation>Trotzdem geliefert</translation>
        </message>
        <message>
            <source>Every copy of “%1” will tell where its picture was taken.</source>
            <translation>Jede Kopie von „%1“ wird verraten, wo ihr Bild aufgenommen wurde.</translation>
        </message>
        <message>
            <source>Every key</source>
            <translation>Alle Tasten</translation>
        </message>
        <message>
            <source>Found</source>
            <translation>Gefunden</translation>
        </message>
        <message>
            <source>Go on: %1 left</source>
            <translation>Weiter: %1 übrig</translation>
        </message>
        <message>
            <source>Held back, and not delivered since: %1</source>
            <translation>Zurückgehalten und seitdem nicht geliefert: %1</translation>
        </message>
        <message>
            <source>I want these copies to tell where the pictures were taken</source>
            <translation>Ich will, dass diese Kopien verraten, wo die Bilder aufgenommen wurden</translation>
        </message>
        <message>
            <source>Its copy for “%1” needs a look:</source>
            <translation>Seine Kopie für „%1“ sollte angesehen werden:</translation>
        </message>
        <message>
            <source>Its copy for “%1” tells no place.</source>
            <translation>Seine Kopie für „%1“ verrät keinen Ort.</translation>
        </message>
        <message>
            <source>Its copy for “%1” tells the place.</source>
            <translation>Seine Kopie für „%1“ verrät den Ort.</translation>
        </message>
        <message>
            <source>Its words then and now</source>
            <translation>Ihre Worte damals und jetzt</translation>
        </message>
        <message>
            <source>Keep the place out</source>
            <translation>Den Ort draußen lassen</translation>
        </message>
        <message>
            <source>Keys</source>
            <translation>Tasten</translation>
        </message>
        <message>
            <source>Lay at</source>
            <translation>Lag unter</translation>
        </message>
        <message>
            <source>Let the place out</source>
            <translation>Den Ort hinauslassen</translation>
        </message>
        <message>
            <source>Locale</source>
            <translation>Gebietsschema</translation>
        </message>
        <message>
            <source>Made for</source>
            <translation>Gemacht für</translation>
        </message>
        <message>
            <source>Made on</source>
            <translation>Gemacht am</translation>
        </message>
        <message>
            <source>No copy can be made as it stands: each would lack something that its delivery promises.</source>
            <translation>So ist keine Kopie herstellbar: Jeder würde etwas fehlen, was ihre Lieferung verspricht.</translation>
        </message>
        <message>
            <source>No delivery is ticked for the next run.</source>
            <translation>Für den nächsten Lauf ist keine Lieferung angehakt.</translation>
        </message>
        <message>
            <source>No pictures yet.</source>
            <translation>Noch keine Bilder.</translation>
        </message>
        <message>
            <source>Nothing more to make</source>
            <translation>Nichts mehr zu tun</translation>
        </message>
        <message>
            <source>Nothing to make: every name is taken, and the delivery says to leave those pictures out.</source>
            <translation>Nichts zu tun: Jeder Name ist vergeben, und die Lieferung sagt, dass solche Bilder ausgelassen werden.</translation>
        </message>
        <message>
            <source>On paper %1 × %2 mm
at %3 px/in</source>
            <translation>Auf Papier %1 × %2 mm
bei %3 px/in</translation>
        </message>
        <message>
            <source>On paper %1 × %2 mm,
if printed at %3 px/in</source>
            <translation>Auf Papier %1 × %2 mm,
wenn mit %3 px/in gedruckt</translation>
        </message>
        <message>
            <source>Open</source>
            <translation>Geöffnet</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>Original</translation>
        </message>
        <message>
            <source>Others that look like it</source>
            <translation>Andere, die ihm ähnlich sehen</translation>
        </message>
        <message>
            <source>Our mark</source>
            <translation>Unser Zeichen</translation>
        </message>
        <message>
            <source>Padded to %1 px
</source>
            <translation>Aufgefüllt auf %1 px
</translation>
        </message>
        <message>
            <source>Paused after the pictures at hand. The job can be worked on meanwhile.</source>
            <translation>Angehalten nach den Bildern in Arbeit. Am Auftrag kann inzwischen gearbeitet werden.</translation>
        </message>
        <message>
            <source>Picture %1 px
</source>
            <translation>Bild %1 px
</translation>
        </message>
        <message>
            <source>Place</source>
            <translation>Aufnahmeort</translation>
        </message>
        <message>
            <source>Planning…</source>
            <translation>Plane…</translation>
        </message>
        <message>
            <source>Read with it: %1</source>
            <translation>Mit ihm gelesen: %1</translation>
        </message>
        <message>
            <source>Reading the originals again: %1 of %2</source>
            <translation>Die Originale werden nochmals gelesen: %1 von %2</translation>
        </message>
        <message>
            <source>Removed: not in the copy</source>
            <translation>Entfernt: nicht in der Kopie</translation>
        </message>
        <message>
            <source>SHA-256</source>
            <translation>SHA-256</translation>
        </message>
        <message>
            <source>Said last</source>
            <translation>Zuletzt gemeldet</translation>
        </message>
        <message>
            <source>Saved in %1.</source>
            <translation>Gespeichert in %1.</translation>
        </message>
        <message>
            <source>Screens</source>
            <translation>Bildschirme</translation>
        </message>
        <message>
            <source>Seal</source>
            <translation>Siegel</translation>
        </message>
        <message>
            <source>Sent</source>
            <translation>Gesendet</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>Größe</translation>
        </message>
        <message>
            <source>Stamp</source>
            <translation>Stempeln</translation>
        </message>
        <message>
            <source>Stamp this as well, after it</source>
            <translation>Dies danach auch stempeln</translation>
        </message>
        <message>
            <source>Stamping: %1 of %2 · %3</source>
            <translation>Stemple: %1 von %2 · %3</translation>
        </message>
        <message>
            <source>Stamping…</source>
            <translation>Stemple…</translation>
        </message>
        <message>
            <source>Stays as it was</source>
            <translation>Bleibt, wie es war</translation>
        </message>
        <message>
            <source>System</source>
            <translation>System</translation>
        </message>
        <message>
            <source>Taken</source>
            <translation>Aufgenommen</translation>
        </message>
        <message>
            <source>Tells a place</source>
            <translation>Verrät einen Ort</translation>
        </message>
        <message>
            <source>The copy as it left</source>
            <translation>Die Kopie, wie sie hinausging</translation>
        </message>
        <message>
            <source>The copy of %1 names the place in its words</source>
            <translation>Die Kopie von %1 nennt den Ort in ihren Worten</translation>
        </message>
        <message>
            <source>The original: %1</source>
            <translation>Das Original: %1</translation>
        </message>
        <message>
            <source>The plan: %1 to make, %2 already there, %3 left out. Nothing has been written yet.</source>
            <translation>Der Plan: %1 zu machen, %2 schon da, %3 ausgelassen. Noch wurde nichts geschrieben.</translation>
        </message>
        <message>
            <source>Try %1 again</source>
            <translation>%1 nochmals versuchen</translation>
        </message>
        <message>
            <source>What it said</source>
            <translation>Was sie sagte</translation>
        </message>
        <message>
            <source>What it says</source>
            <translation>Was sie sagt</translation>
        </message>
        <message>
            <source>What they do</source>
            <translation>Was sie tun</translation>
        </message>
        <message>
            <source>Whoever gets such a copy, or finds it years from now, can read the coordinates and the name of the place: perhaps somebody's home. It can't be taken back.</source>
            <translation>Wer eine solche Kopie bekommt oder in Jahren findet, kann die Koordinaten und den Namen des Ortes lesen: vielleicht jemandes Zuhause. Es lässt sich nicht zurückholen.</translation>
        </message>
        <message>
            <source>Whole %1 px, ratio %2
</source>
            <translation>Ganz %1 px, Verhältnis %L2
</translation>
        </message>
        <message>
            <source>Why</source>
            <translation>Warum</translation>
        </message>
        <message>
            <source>Window</source>
            <translation>Fenster</translation>
        </message>
        <message>
            <source>Written into the copy</source>
            <translation>In die Kopie geschrieben</translation>
        </message>
        <message>
            <source>as 2026-05-01</source>
            <translation>wie 2026-05-01</translation>
        </message>
        <message>
            <source>changed since</source>
            <translation>seitdem geändert</translation>
        </message>
        <message>
            <source>crop %1 of %2 px, ratio %3   ·   %4</source>
            <translation>Zuschnitt %1 von %2 px, Verhältnis %L3   ·   %4</translation>
        </message>
        <message>
            <source>drag the frame to crop this picture alone</source>
            <translation>den Rahmen ziehen, um nur dieses Bild zuzuschneiden</translation>
        </message>
        <message>
            <source>lies there untouched</source>
            <translation>liegt unberührt dort</translation>
        </message>
        <message>
            <source>more than asked for: held back</source>
            <translation>mehr als verlangt: zurückgehalten</translation>
        </message>
        <message>
            <source>no longer there</source>
            <translation>nicht mehr da</translation>
        </message>
        <message>
            <source>none</source>
            <translation>nichts</translation>
        </message>
        <message>
            <source>not in the file</source>
            <translation>nicht in der Datei</translation>
        </message>
        <message>
            <source>original's quality</source>
            <translation>Qualität des Originals</translation>
        </message>
        <message>
            <source>quality %1</source>
            <translation>Qualität %1</translation>
        </message>
        <message>
            <source>replaced by a later one</source>
            <translation>durch eine spätere ersetzt</translation>
        </message>
        <message>
            <source>still in the file</source>
            <translation>noch in der Datei</translation>
        </message>
        <message>
            <source>tall, wide or square</source>
            <translation>hoch, quer oder quadratisch</translation>
        </message>
        <message>
            <source>the difference is seen: held back</source>
            <translation>der Unterschied ist zu sehen: zurückgehalten</translation>
        </message>
        <message>
            <source>this picture's own crop, Delete takes it back</source>
            <translation>eigener Zuschnitt dieses Bildes, Entf nimmt ihn zurück</translation>
        </message>
        <message>
            <source>to %1</source>
            <translation>nach %1</translation>
        </message>
        <message>
            <source>told, as its delivery said</source>
            <translation>verraten, wie die Lieferung es sagte</translation>
        </message>
        <message>
            <source>words, or a pattern with * and ?</source>
            <translation>Worte oder ein Muster mit * und ?</translation>
        </message>
        <message>
            <source>yes</source>
            <translation>ja</translation>
        </message>
    </context>
    <context>
        <name>core</name>
        <message numerus="yes">
            <source> and {n} more</source>
            <translation>
                <numerusform> und {n} weiteres</numerusform>
                <numerusform> und {n} weitere</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source> · {n} earlier copies will be replaced</source>
            <translation>
                <numerusform> · {n} frühere Kopie wird ersetzt</numerusform>
                <numerusform> · {n} frühere Kopien werden ersetzt</numerusform>
            </translation>
        </message>
        <message>
            <source>"Make copies with" in the file manager's menu</source>
            <translation>„Kopien machen mit“ im Menü der Dateiverwaltung</translation>
        </message>
        <message>
            <source>"stations" is no object</source>
            <translation>„stations“ ist kein Objekt</translation>
        </message>
        <message>
            <source>"stations.{key}" is no object</source>
            <translation>„stations.{key}“ ist kein Objekt</translation>
        </message>
        <message>
            <source>"version" is missing or no whole number</source>
            <translation>„version“ fehlt oder ist keine ganze Zahl</translation>
        </message>
        <message>
            <source>"{address}" is no e-mail address</source>
            <translation>„{address}“ ist keine E-Mail-Adresse</translation>
        </message>
        <message>
            <source>"{address}" is no web address: it begins with https://</source>
            <translation>„{address}“ ist keine Webadresse: sie beginnt mit https://</translation>
        </message>
        <message>
            <source>"{delivery}" has no file format</source>
            <translation>„{delivery}“ hat kein Dateiformat</translation>
        </message>
        <message>
            <source>"{delivery}" has no folder yet</source>
            <translation>„{delivery}“ hat noch keinen Ordner</translation>
        </message>
        <message>
            <source>"{delivery}" is to be sent, and names no server yet</source>
            <translation>„{delivery}“ soll gesendet werden und nennt noch keinen Server</translation>
        </message>
        <message>
            <source>"{delivery}" is to be sent, and names no server, sender or receiver yet</source>
            <translation>„{delivery}“ soll gesendet werden und nennt noch keinen Server, Absender oder Empfänger</translation>
        </message>
        <message>
            <source>"{delivery}" names no server</source>
            <translation>„{delivery}“ nennt keinen Server</translation>
        </message>
        <message>
            <source>"{delivery}" names no server, sender or receiver</source>
            <translation>„{delivery}“ nennt keinen Server, Absender oder Empfänger</translation>
        </message>
        <message>
            <source>"{file}" does not end in .png</source>
            <translation>„{file}“ endet nicht auf .png</translation>
        </message>
        <message>
            <source>"{file}" has no ending that is known</source>
            <translation>„{file}“ hat keine bekannte Endung</translation>
        </message>
        <message>
            <source>"{key}" is no paper that is known</source>
            <translation>„{key}“ ist kein bekanntes Papier</translation>
        </message>
        <message>
            <source>"{part}" is no part</source>
            <translation>„{part}“ ist kein Teil</translation>
        </message>
        <message>
            <source>"{text}" is nothing that can be accepted</source>
            <translation>„{text}“ ist nichts, was man hinnehmen kann</translation>
        </message>
        <message>
            <source>"{value}" can't be the value of {option}</source>
            <translation>„{value}“ kann nicht der Wert von {option} sein</translation>
        </message>
        <message>
            <source>"{value}" is not allowed</source>
            <translation>„{value}“ ist nicht erlaubt</translation>
        </message>
        <message>
            <source>"{value}" is not one of the standard's values</source>
            <translation>„{value}“ ist keiner der Werte des Standards</translation>
        </message>
        <message>
            <source>% of the height</source>
            <translation>% der Höhe</translation>
        </message>
        <message>
            <source>% of the long side</source>
            <translation>% der langen Seite</translation>
        </message>
        <message>
            <source>% of the picture</source>
            <translation>% des Bildes</translation>
        </message>
        <message>
            <source>% of the seal's height</source>
            <translation>% der Siegelhöhe</translation>
        </message>
        <message>
            <source>% of the seal's unit</source>
            <translation>% der Siegeleinheit</translation>
        </message>
        <message>
            <source>% of the seal's width</source>
            <translation>% der Siegelbreite</translation>
        </message>
        <message>
            <source>% of the short side</source>
            <translation>% der kurzen Seite</translation>
        </message>
        <message>
            <source>% of the step</source>
            <translation>% des Schritts</translation>
        </message>
        <message>
            <source>% of the type size</source>
            <translation>% der Schriftgröße</translation>
        </message>
        <message>
            <source>% of the width</source>
            <translation>% der Breite</translation>
        </message>
        <message>
            <source>% off the foot</source>
            <translation>% von unten</translation>
        </message>
        <message>
            <source>% off the left</source>
            <translation>% von links</translation>
        </message>
        <message>
            <source>% off the right</source>
            <translation>% von rechts</translation>
        </message>
        <message>
            <source>% off the top</source>
            <translation>% von oben</translation>
        </message>
        <message numerus="yes">
            <source>%1 of %2 originals tell a place. It is taken out of every copy of “%3”, but {n} still name it in words that stay.</source>
            <translation>
                <numerusform>%1 von %2 Originalen verraten einen Ort. Er wird aus jeder Kopie von „%3“ genommen, aber {n} nennt ihn noch in Worten, die bleiben.</numerusform>
                <numerusform>%1 von %2 Originalen verraten einen Ort. Er wird aus jeder Kopie von „%3“ genommen, aber {n} nennen ihn noch in Worten, die bleiben.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%1, with {n} pictures</source>
            <translation>
                <numerusform>%1, mit {n} Bild</numerusform>
                <numerusform>%1, mit {n} Bildern</numerusform>
            </translation>
        </message>
        <message>
            <source>'keep-seal-cli border list' tells which there are</source>
            <translation>„keep-seal-cli border list“ zeigt, welche es gibt</translation>
        </message>
        <message>
            <source>'keep-seal-cli library list' tells which there are</source>
            <translation>„keep-seal-cli library list“ zeigt, welche es gibt</translation>
        </message>
        <message>
            <source>'keep-seal-cli settings --markdown' lists them</source>
            <translation>„keep-seal-cli settings --markdown“ listet sie auf</translation>
        </message>
        <message>
            <source>'keep-seal-cli settings --notes' lists what holds copies back</source>
            <translation>„keep-seal-cli settings --notes“ zeigt, was Kopien zurückhält</translation>
        </message>
        <message>
            <source>'keep-seal-cli settings' lists all there are</source>
            <translation>„keep-seal-cli settings“ listet alle auf</translation>
        </message>
        <message>
            <source>'keep-seal-cli settings' lists them under rights</source>
            <translation>„keep-seal-cli settings“ zeigt sie unter rights</translation>
        </message>
        <message>
            <source>'keep-seal-cli sheet list' tells which there are</source>
            <translation>„keep-seal-cli sheet list“ zeigt, welche es gibt</translation>
        </message>
        <message>
            <source>'{command}' ends with the status that the run would end with, as far as it is known without pixels.</source>
            <translation>„{command}“ endet mit dem Status, mit dem der Lauf enden würde, soweit er ohne Pixel bekannt ist.</translation>
        </message>
        <message>
            <source>(CAN'T BE MADE)</source>
            <translation>(NICHT MACHBAR)</translation>
        </message>
        <message>
            <source>(HELD BACK)</source>
            <translation>(ZURÜCKGEHALTEN)</translation>
        </message>
        <message>
            <source>(Of the seal's first text.)</source>
            <translation>(Vom ersten Text des Siegels.)</translation>
        </message>
        <message>
            <source>(TAKEN: the run will not begin)</source>
            <translation>(BELEGT: Der Lauf beginnt nicht)</translation>
        </message>
        <message>
            <source>(already there)</source>
            <translation>(schon da)</translation>
        </message>
        <message>
            <source>(left out)</source>
            <translation>(ausgelassen)</translation>
        </message>
        <message>
            <source>(not said yet)</source>
            <translation>(noch nicht gesagt)</translation>
        </message>
        <message>
            <source>(replaces an earlier copy)</source>
            <translation>(ersetzt eine frühere Kopie)</translation>
        </message>
        <message>
            <source>(yours)</source>
            <translation>(eigene)</translation>
        </message>
        <message>
            <source>, </source>
            <translation>, </translation>
        </message>
        <message numerus="yes">
            <source>, {n} copies in letters that wait for you to look at them</source>
            <translation>
                <numerusform>, {n} Kopie in Briefen, die darauf warten, dass Sie sie ansehen</numerusform>
                <numerusform>, {n} Kopien in Briefen, die darauf warten, dass Sie sie ansehen</numerusform>
            </translation>
        </message>
        <message>
            <source>0: the same size. Square: neither tall nor wide.</source>
            <translation>0: dieselbe Größe. Quadratisch: weder hoch noch quer.</translation>
        </message>
        <message>
            <source>0: the same size. Tall: at least a seventh higher than wide.</source>
            <translation>0: dieselbe Größe. Hoch: mindestens ein Siebtel höher als breit.</translation>
        </message>
        <message>
            <source>0: the same size. Wide: at least a seventh wider than high.</source>
            <translation>0: dieselbe Größe. Quer: mindestens ein Siebtel breiter als hoch.</translation>
        </message>
        <message>
            <source>10 and 12 keep skies smooth; they have something to keep where 16 bits come through the chain.</source>
            <translation>10 und 12 halten Himmel glatt; sie haben etwas zu halten, wo 16 Bit durch die Kette kommen.</translation>
        </message>
        <message>
            <source>100 % covers the picture; less lets it show through.</source>
            <translation>100 % deckt das Bild; weniger lässt es durchscheinen.</translation>
        </message>
        <message>
            <source>100 % is the seal's unit.</source>
            <translation>100 % ist die Einheit des Siegels.</translation>
        </message>
        <message>
            <source>1080 by 1080, the picture whole on a field of white.</source>
            <translation>1080 mal 1080, das Bild ganz auf weißem Feld.</translation>
        </message>
        <message>
            <source>1080 by 1920, filled: only pictures that stand upright.</source>
            <translation>1080 mal 1920, gefüllt: nur Bilder im Hochformat.</translation>
        </message>
        <message>
            <source>16 keeps the fine steps of a 16-bit original through the whole chain (PNG, TIFF, AVIF and JPEG XL).</source>
            <translation>16 hält die feinen Stufen eines 16-Bit-Originals durch die ganze Kette (PNG, TIFF, AVIF und JPEG XL).</translation>
        </message>
        <message>
            <source>16-bit TIFF in the original's own colours, in the originals' own folders.</source>
            <translation>16-Bit-TIFF in den Farben des Originals, in den Ordnern der Originale.</translation>
        </message>
        <message>
            <source>1600 pixels as AVIF within 150 kB, and as JPEG beside it for readers that do not know AVIF yet.</source>
            <translation>1600 Pixel als AVIF innerhalb von 150 kB, und als JPEG daneben für Leser, die AVIF noch nicht kennen.</translation>
        </message>
        <message>
            <source>2048 pixels on the long side with a small mark in the corner.</source>
            <translation>2048 Pixel an der langen Seite, mit kleinem Zeichen in der Ecke.</translation>
        </message>
        <message>
            <source>2500 pixels and at most 500 kB, for forms that refuse larger files: the best quality that fits, fewer pixels where even that is too much.</source>
            <translation>2500 Pixel und höchstens 500 kB, für Formulare, die größere Dateien ablehnen: die beste Qualität, die passt, und weniger Pixel, wo selbst das zu viel ist.</translation>
        </message>
        <message>
            <source>3000 pixels on the long side in a quiet mat; WebP beside JPEG.</source>
            <translation>3000 Pixel an der langen Seite in einem ruhigen Passepartout; WebP neben JPEG.</translation>
        </message>
        <message>
            <source>4000 pixels and no mark; caption, credit and terms stand in the metadata.</source>
            <translation>4000 Pixel und kein Zeichen; Bildunterschrift, Nachweis und Bedingungen stehen in den Metadaten.</translation>
        </message>
        <message>
            <source>9 is the smallest file and the longest wait; the pixels are the same.</source>
            <translation>9 ist die kleinste Datei und das längste Warten; die Pixel sind dieselben.</translation>
        </message>
        <message>
            <source>A JPEG that keeps its size, direction, finish and colours, and has no border, is not encoded again: only the squares of 8 or 16 pixels under its mark are. The settings above do not count then: they are the original's own.</source>
            <translation>Ein JPEG, das Größe, Richtung, Ausarbeitung und Farben behält und keinen Rahmen hat, wird nicht neu kodiert: nur die Quadrate von 8 oder 16 Pixeln unter seinem Zeichen. Die Einstellungen oben zählen dann nicht: Es gelten die des Originals.</translation>
        </message>
        <message>
            <source>A PLACE STANDS IN ITS WORDS</source>
            <translation>EIN ORT STEHT IN SEINEN WORTEN</translation>
        </message>
        <message>
            <source>A band along the foot with the picture's own title and your notice.</source>
            <translation>Ein Band am Fuß mit dem Titel des Bildes und Ihrem Rechtevermerk.</translation>
        </message>
        <message>
            <source>A colour</source>
            <translation>Eine Farbe</translation>
        </message>
        <message>
            <source>A contact sheet (PDF)</source>
            <translation>Ein Kontaktbogen (PDF)</translation>
        </message>
        <message>
            <source>A contact sheet (PDF, HTML), a table (CSV) or a web album of a run</source>
            <translation>Ein Kontaktbogen (PDF, HTML), eine Tabelle (CSV) oder ein Webalbum eines Laufs</translation>
        </message>
        <message>
            <source>A copy made by Keep Seal, as its mark tells, but none that this register knows.</source>
            <translation>Eine Kopie von Keep Seal, wie ihr Zeichen sagt, aber keine, die dieses Register kennt.</translation>
        </message>
        <message>
            <source>A copy of the same picture, as it left</source>
            <translation>Eine Kopie desselben Bildes, wie sie hinausging</translation>
        </message>
        <message>
            <source>A copy on which nothing helps is not made; else it is made, and told.</source>
            <translation>Eine Kopie, auf der nichts hilft, wird nicht gemacht; sonst wird sie gemacht und gemeldet.</translation>
        </message>
        <message>
            <source>A copy that needs more bytes at this quality is held back, or gets fewer pixels.</source>
            <translation>Eine Kopie, die bei dieser Qualität mehr Bytes braucht, wird zurückgehalten oder bekommt weniger Pixel.</translation>
        </message>
        <message>
            <source>A copy with any note that asks for a look is not delivered until it is mended or accepted.</source>
            <translation>Eine Kopie mit irgendeinem Hinweis, der anzusehen ist, wird nicht geliefert, bis er behoben oder angenommen ist.</translation>
        </message>
        <message>
            <source>A delivery file (JSON), or one of the library; may be given several times</source>
            <translation>Eine Lieferungsdatei (JSON) oder eine der Bibliothek; mehrere sind möglich</translation>
        </message>
        <message>
            <source>A delivery has one when it says where its copies go (place.folder).</source>
            <translation>Eine Lieferung hat einen, wenn sie sagt, wohin ihre Kopien kommen (place.folder).</translation>
        </message>
        <message>
            <source>A few bytes of XMP by which Keep Seal knows its own copies, so that none is framed and sealed twice. They tell nothing about you or the picture.</source>
            <translation>Ein paar Bytes XMP, an denen Keep Seal seine eigenen Kopien erkennt, damit keine zweimal gerahmt und gesiegelt wird. Sie verraten nichts über Sie oder das Bild.</translation>
        </message>
        <message>
            <source>A field to list; may be given several times</source>
            <translation>Ein Feld, das gezeigt wird; mehrere sind möglich</translation>
        </message>
        <message>
            <source>A file</source>
            <translation>Eine Datei</translation>
        </message>
        <message>
            <source>A file of certificates (PEM) that are trusted besides the system's own. Empty: the system's.</source>
            <translation>Eine Datei mit Zertifikaten (PEM), denen zusätzlich zu denen des Systems vertraut wird. Leer: die des Systems.</translation>
        </message>
        <message>
            <source>A file that says who you are (default: your own, see 'who')</source>
            <translation>Eine Datei, die sagt, wer Sie sind (sonst Ihre eigene, siehe „who“)</translation>
        </message>
        <message>
            <source>A file that says who you are, for this window alone</source>
            <translation>Eine Datei, die sagt, wer Sie sind, nur für dieses Fenster</translation>
        </message>
        <message>
            <source>A fine line, some air, and a mat with more weight below.</source>
            <translation>Eine feine Linie, etwas Luft und ein Passepartout mit mehr Gewicht unten.</translation>
        </message>
        <message>
            <source>A folder for the pictures on which it fared worst, as PNG</source>
            <translation>Ein Ordner für die Bilder, auf denen es am schlechtesten hielt, als PNG</translation>
        </message>
        <message>
            <source>A gap shows the mat that follows it, or the picture under a border that lies over its edge.</source>
            <translation>Eine Lücke zeigt das Passepartout, das ihr folgt, oder das Bild unter einem Rahmen, der über seinem Rand liegt.</translation>
        </message>
        <message>
            <source>A hidden part is not put on copies and takes no room.</source>
            <translation>Ein verborgener Teil kommt nicht auf Kopien und nimmt keinen Raum ein.</translation>
        </message>
        <message>
            <source>A key's file, instead of a password: the password is its passphrase then, if it has one.</source>
            <translation>Die Datei eines Schlüssels statt eines Passworts: Das Passwort ist dann seine Passphrase, wenn er eine hat.</translation>
        </message>
        <message>
            <source>A ledger</source>
            <translation>Ein Protokoll</translation>
        </message>
        <message>
            <source>A line in each page asks them to pass by. It keeps nobody out who knows the address.</source>
            <translation>Eine Zeile in jeder Seite bittet sie, vorbeizugehen. Wer die Adresse kennt, wird nicht abgehalten.</translation>
        </message>
        <message>
            <source>A line or box as wide as the widest part beside it (in a row: as tall).</source>
            <translation>Eine Linie oder ein Kasten, so breit wie der breiteste Teil daneben (in einer Reihe: so hoch).</translation>
        </message>
        <message>
            <source>A line over the picture, a little away from its edge. The size stays.</source>
            <translation>Eine Linie über dem Bild, etwas von seinem Rand entfernt. Die Größe bleibt.</translation>
        </message>
        <message>
            <source>A line, a box, a box with round corners, or a ring.</source>
            <translation>Eine Linie, ein Kasten, ein Kasten mit runden Ecken oder ein Ring.</translation>
        </message>
        <message>
            <source>A list for fields that are one. May hold tokens such as {year}.</source>
            <translation>Eine Liste bei Feldern, die eine sind. Darf Platzhalter wie {year} enthalten.</translation>
        </message>
        <message>
            <source>A locked part can't be moved by accident.</source>
            <translation>Ein gesperrter Teil kann nicht versehentlich bewegt werden.</translation>
        </message>
        <message>
            <source>A logo for dark ground (SVG, PDF, PNG, TIFF, WebP or JPEG).</source>
            <translation>Ein Logo für dunklen Grund (SVG, PDF, PNG, TIFF, WebP oder JPEG).</translation>
        </message>
        <message>
            <source>A logo of one tone has its own colour in one version, and the part's in the other, for ground on which its own can't be seen. With a file for the dark version it does not matter.</source>
            <translation>Ein Logo aus einem Ton hat in der einen Fassung seine eigene Farbe und in der anderen die des Teils, für Grund, auf dem man seine eigene nicht sieht. Mit einer Datei für die dunkle Fassung ist es gleichgültig.</translation>
        </message>
        <message>
            <source>A longer one is cut in its middle, so that what tells files apart stays.</source>
            <translation>Ein längerer wird in der Mitte gekürzt, damit bleibt, was Dateien unterscheidet.</translation>
        </message>
        <message>
            <source>A million pixels each.</source>
            <translation>Je eine Million Pixel.</translation>
        </message>
        <message>
            <source>A name as if written by hand, quietly in the corner.</source>
            <translation>Ein Name wie von Hand geschrieben, leise in der Ecke.</translation>
        </message>
        <message>
            <source>A name can't hold a slash</source>
            <translation>Ein Name darf keinen Schrägstrich enthalten</translation>
        </message>
        <message>
            <source>A name can't hold a slash; folders have a setting of their own</source>
            <translation>Ein Name darf keinen Schrägstrich enthalten; Ordner haben eine eigene Einstellung</translation>
        </message>
        <message>
            <source>A name or key of the library, or a file</source>
            <translation>Ein Name oder Schlüssel der Bibliothek oder eine Datei</translation>
        </message>
        <message>
            <source>A narrow mat with room for words below.</source>
            <translation>Ein schmales Passepartout mit Platz für Worte darunter.</translation>
        </message>
        <message>
            <source>A part of the seal: group</source>
            <translation>Ein Teil des Siegels: Gruppe</translation>
        </message>
        <message>
            <source>A part of the seal: logo</source>
            <translation>Ein Teil des Siegels: Logo</translation>
        </message>
        <message>
            <source>A part of the seal: shape</source>
            <translation>Ein Teil des Siegels: Form</translation>
        </message>
        <message>
            <source>A part of the seal: text</source>
            <translation>Ein Teil des Siegels: Text</translation>
        </message>
        <message>
            <source>A picture that was found</source>
            <translation>Ein gefundenes Bild</translation>
        </message>
        <message>
            <source>A plain box behind the seal.</source>
            <translation>Ein einfacher Kasten hinter dem Siegel.</translation>
        </message>
        <message>
            <source>A plate, if needed</source>
            <translation>Ein Schild, wenn nötig</translation>
        </message>
        <message>
            <source>A proof is saved as a PNG</source>
            <translation>Eine Probe wird als PNG gespeichert</translation>
        </message>
        <message>
            <source>A ratio, padded</source>
            <translation>Ein Verhältnis, aufgefüllt</translation>
        </message>
        <message numerus="yes">
            <source>A removed place stands in words of {n} copies.</source>
            <translation>
                <numerusform>Ein entfernter Ort steht in Worten von {n} Kopie.</numerusform>
                <numerusform>Ein entfernter Ort steht in Worten von {n} Kopien.</numerusform>
            </translation>
        </message>
        <message>
            <source>A ring of the border</source>
            <translation>Ein Ring des Rahmens</translation>
        </message>
        <message>
            <source>A rounded plate with the name: readable on anything.</source>
            <translation>Ein rundes Schild mit dem Namen: auf allem lesbar.</translation>
        </message>
        <message>
            <source>A saved job: its pictures, exceptions and ticked deliveries</source>
            <translation>Ein gespeicherter Auftrag: seine Bilder, Ausnahmen und angehakten Lieferungen</translation>
        </message>
        <message>
            <source>A seal file, or a name or key of the library</source>
            <translation>Eine Siegeldatei oder ein Name oder Schlüssel der Bibliothek</translation>
        </message>
        <message>
            <source>A seal stands on it</source>
            <translation>Ein Siegel steht darauf</translation>
        </message>
        <message>
            <source>A shadow that falls to one side.</source>
            <translation>Ein Schatten, der zu einer Seite fällt.</translation>
        </message>
        <message>
            <source>A shared seal holds seal.json</source>
            <translation>Ein geteiltes Siegel enthält seal.json</translation>
        </message>
        <message>
            <source>A short name for the picture.</source>
            <translation>Ein kurzer Name für das Bild.</translation>
        </message>
        <message>
            <source>A single seal that would stand on a caption's words moves beside them, the shortest way.</source>
            <translation>Ein einzelnes Siegel, das auf den Worten einer Bildunterschrift stünde, rückt auf kürzestem Weg neben sie.</translation>
        </message>
        <message>
            <source>A size of your own</source>
            <translation>Eine eigene Größe</translation>
        </message>
        <message>
            <source>A small picture of what leaves (192 pixels), and the part that its seal stands on, are kept beside the register, so that it is found again when it is met cut, small or without metadata, and told from other copies. Off: nothing is kept of the picture; the copy is known by its bytes and its mark alone.</source>
            <translation>Ein kleines Bild von dem, was hinausgeht (192 Pixel), und der Teil, auf dem sein Siegel steht, bleiben beim Register, damit es beschnitten, klein oder ohne Metadaten wiedergefunden und von anderen Kopien unterschieden wird. Aus: Vom Bild bleibt nichts; die Kopie ist nur an ihren Bytes und ihrem Zeichen bekannt.</translation>
        </message>
        <message>
            <source>A small preview made from the copy itself, for programs that look for one (JPEG).</source>
            <translation>Eine kleine Vorschau aus der Kopie selbst, für Programme, die danach suchen (JPEG).</translation>
        </message>
        <message>
            <source>A soft glow behind the seal; if needed: where the seal is less readable than you asked for, and as little of it as does it.</source>
            <translation>Ein weicher Schein hinter dem Siegel; wenn nötig: wo das Siegel weniger lesbar ist, als Sie verlangten, und nur so viel davon, wie reicht.</translation>
        </message>
        <message>
            <source>A soft shade the mat throws on the picture's edge, against its short side.</source>
            <translation>Ein weicher Schatten, den das Passepartout auf den Rand des Bildes wirft, gemessen an dessen kurzer Seite.</translation>
        </message>
        <message>
            <source>A stack: at the left, middle or right. Side by side: at the top, middle or foot.</source>
            <translation>Ein Stapel: links, mittig oder rechts. Nebeneinander: oben, mittig oder unten.</translation>
        </message>
        <message>
            <source>A tall picture gets the tall ratio, a wide one the wide ratio.</source>
            <translation>Ein hohes Bild bekommt das hohe Verhältnis, ein queres das quere.</translation>
        </message>
        <message>
            <source>A warm mat that throws a soft shade, as if cut by hand.</source>
            <translation>Ein warmes Passepartout mit weichem Schatten, wie von Hand geschnitten.</translation>
        </message>
        <message>
            <source>A web album into this new folder: plain HTML and CSS, no script</source>
            <translation>Ein Webalbum in diesen neuen Ordner: nur HTML und CSS, kein Skript</translation>
        </message>
        <message>
            <source>A web album of them</source>
            <translation>Ein Webalbum davon</translation>
        </message>
        <message>
            <source>A web page that says the same at length.</source>
            <translation>Eine Webseite, die dasselbe ausführlich sagt.</translation>
        </message>
        <message>
            <source>A {what} has "format": "{format}"</source>
            <translation>{what} hat „format“: „{format}“</translation>
        </message>
        <message>
            <source>AVIF</source>
            <translation>AVIF</translation>
        </message>
        <message>
            <source>AVIF bits a channel</source>
            <translation>AVIF, Bit je Kanal</translation>
        </message>
        <message>
            <source>AVIF colour detail</source>
            <translation>AVIF, Farbdetail</translation>
        </message>
        <message>
            <source>AVIF effort</source>
            <translation>AVIF, Aufwand</translation>
        </message>
        <message>
            <source>AVIF quality</source>
            <translation>AVIF, Qualität</translation>
        </message>
        <message numerus="yes">
            <source>About %1, estimated from {n} copies made to find out.</source>
            <translation>
                <numerusform>Etwa %1, geschätzt aus {n} probeweise gemachten Kopie.</numerusform>
                <numerusform>Etwa %1, geschätzt aus {n} probeweise gemachten Kopien.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>About {bytes}, estimated from {n} copies made to find out</source>
            <translation>
                <numerusform>Etwa {bytes}, geschätzt aus {n} probeweise gemachten Kopie</numerusform>
                <numerusform>Etwa {bytes}, geschätzt aus {n} probeweise gemachten Kopien</numerusform>
            </translation>
        </message>
        <message>
            <source>Above</source>
            <translation>Oben</translation>
        </message>
        <message>
            <source>Absolute</source>
            <translation>Absolut</translation>
        </message>
        <message>
            <source>Across</source>
            <translation>Quer</translation>
        </message>
        <message>
            <source>Adapts</source>
            <translation>Passt sich an</translation>
        </message>
        <message>
            <source>Add that file itself to take them</source>
            <translation>Fügen Sie die Datei selbst hinzu, um sie zu nehmen</translation>
        </message>
        <message>
            <source>Add the typeface, or choose another</source>
            <translation>Fügen Sie die Schrift hinzu oder wählen Sie eine andere</translation>
        </message>
        <message>
            <source>Add to the list</source>
            <translation>Zur Liste hinzufügen</translation>
        </message>
        <message>
            <source>Added to the name</source>
            <translation>An den Namen gehängt</translation>
        </message>
        <message>
            <source>Address</source>
            <translation>Adresse</translation>
        </message>
        <message>
            <source>Advice on placing, seals as pictures, the library of seals</source>
            <translation>Rat zum Platz, Siegel als Bilder, die Bibliothek der Siegel</translation>
        </message>
        <message>
            <source>All</source>
            <translation>Alle</translation>
        </message>
        <message>
            <source>All but plain FTP are encrypted, and the server has to prove who it is.</source>
            <translation>Alle außer einfachem FTP sind verschlüsselt, und der Server muss beweisen, wer er ist.</translation>
        </message>
        <message>
            <source>All copies that left of a picture, known by its bytes (or those of a copy), else by its path</source>
            <translation>Alle Kopien, die von einem Bild hinausgingen, erkannt an seinen Bytes (oder denen einer Kopie), sonst am Pfad</translation>
        </message>
        <message>
            <source>All done.</source>
            <translation>Alles ist getan.</translation>
        </message>
        <message>
            <source>All equal</source>
            <translation>Alle gleich</translation>
        </message>
        <message>
            <source>All nine</source>
            <translation>Alle neun</translation>
        </message>
        <message>
            <source>All of it as JSON lines, to the standard output</source>
            <translation>Alles davon als JSON-Zeilen, in die Standardausgabe</translation>
        </message>
        <message>
            <source>All over</source>
            <translation>Über alles</translation>
        </message>
        <message>
            <source>All over and dense, another on each picture: for strangers.</source>
            <translation>Über alles und dicht, auf jedem Bild anders: für Fremde.</translation>
        </message>
        <message>
            <source>All over means</source>
            <translation>„Über alles“ heißt</translation>
        </message>
        <message>
            <source>All over, for pictures that are only to be looked at.</source>
            <translation>Über alles, für Bilder, die nur angesehen werden sollen.</translation>
        </message>
        <message>
            <source>All over, just seen: for clients who know you.</source>
            <translation>Über alles, eben zu sehen: für Kunden, die Sie kennen.</translation>
        </message>
        <message>
            <source>All over, the emblem and the name taking turns.</source>
            <translation>Über alles, Emblem und Name im Wechsel.</translation>
        </message>
        <message>
            <source>All pictures</source>
            <translation>Alle Bilder</translation>
        </message>
        <message>
            <source>All rights kept, not for machine learning; fill in your web page and address</source>
            <translation>Alle Rechte vorbehalten, nicht für maschinelles Lernen; tragen Sie Ihre Webseite und Adresse ein</translation>
        </message>
        <message>
            <source>All that can be said of a copy, by kind</source>
            <translation>Alles, was über eine Kopie gesagt werden kann, nach Art</translation>
        </message>
        <message>
            <source>All that file systems take</source>
            <translation>Alle, die Dateisysteme nehmen</translation>
        </message>
        <message>
            <source>All that left of it:</source>
            <translation>Alles, was davon hinausging:</translation>
        </message>
        <message>
            <source>All that were sent or left out: a copy that is stamped again may be sent again then</source>
            <translation>Alle gesendeten oder ausgelassenen: Eine Kopie, die nochmals gestempelt wird, kann dann nochmals gesendet werden</translation>
        </message>
        <message>
            <source>All without loss; ZIP is the smallest.</source>
            <translation>Alle verlustfrei; ZIP ist am kleinsten.</translation>
        </message>
        <message>
            <source>Allow enlarging, or ask for fewer pixels</source>
            <translation>Erlauben Sie Vergrößern oder verlangen Sie weniger Pixel</translation>
        </message>
        <message>
            <source>Allow more bytes or a lower quality</source>
            <translation>Erlauben Sie mehr Bytes oder eine niedrigere Qualität</translation>
        </message>
        <message>
            <source>Allow more bytes, a lower quality or fewer pixels</source>
            <translation>Erlauben Sie mehr Bytes, eine niedrigere Qualität oder weniger Pixel</translation>
        </message>
        <message>
            <source>Allow more bytes, keep full colour detail, or ask for less</source>
            <translation>Erlauben Sie mehr Bytes, behalten Sie volles Farbdetail oder verlangen Sie weniger</translation>
        </message>
        <message>
            <source>Allowed</source>
            <translation>Erlaubt</translation>
        </message>
        <message>
            <source>Allowed places</source>
            <translation>Erlaubte Plätze</translation>
        </message>
        <message>
            <source>Allowed: a list of at most {parts} parts</source>
            <translation>Erlaubt: eine Liste von höchstens {parts} Teilen</translation>
        </message>
        <message>
            <source>Allowed: a list of at most {rings} rings</source>
            <translation>Erlaubt: eine Liste von höchstens {rings} Ringen</translation>
        </message>
        <message>
            <source>Allowed: a number from {least} to {most}</source>
            <translation>Erlaubt: eine Zahl von {least} bis {most}</translation>
        </message>
        <message>
            <source>Allowed: a number from {least} to {most} {unit}</source>
            <translation>Erlaubt: eine Zahl von {least} bis {most} {unit}</translation>
        </message>
        <message>
            <source>Allowed: a whole number from {least} to {most}</source>
            <translation>Erlaubt: eine ganze Zahl von {least} bis {most}</translation>
        </message>
        <message>
            <source>Allowed: a whole number from {least} to {most} {unit}</source>
            <translation>Erlaubt: eine ganze Zahl von {least} bis {most} {unit}</translation>
        </message>
        <message>
            <source>Allowed: an id no other part has</source>
            <translation>Erlaubt: eine Kennung, die kein anderer Teil hat</translation>
        </message>
        <message>
            <source>Allowed: an object</source>
            <translation>Erlaubt: ein Objekt</translation>
        </message>
        <message>
            <source>Allowed: at most {letters} in all parts together</source>
            <translation>Erlaubt: höchstens {letters} in allen Teilen zusammen</translation>
        </message>
        <message>
            <source>Allowed: one line of text of at most {bytes} bytes</source>
            <translation>Erlaubt: eine Zeile Text von höchstens {bytes} Byte</translation>
        </message>
        <message>
            <source>Allowed: one of text, logo, shape, group</source>
            <translation>Erlaubt: eines von text, logo, shape, group</translation>
        </message>
        <message>
            <source>Allowed: one of {choices}</source>
            <translation>Erlaubt: eines von {choices}</translation>
        </message>
        <message>
            <source>Allowed: text of at most 120 bytes</source>
            <translation>Erlaubt: Text von höchstens 120 Bytes</translation>
        </message>
        <message>
            <source>Allowed: text of at most 200 bytes</source>
            <translation>Erlaubt: Text von höchstens 200 Bytes</translation>
        </message>
        <message>
            <source>Allowed: text of at most {bytes} bytes</source>
            <translation>Erlaubt: Text von höchstens {bytes} Byte</translation>
        </message>
        <message>
            <source>Allowed: the id of a group, at most 8 deep and not inside itself</source>
            <translation>Erlaubt: die Kennung einer Gruppe, höchstens 8 tief und nicht in sich selbst</translation>
        </message>
        <message>
            <source>Allowed: {allowed}</source>
            <translation>Erlaubt: {allowed}</translation>
        </message>
        <message>
            <source>Allowed: {what}</source>
            <translation>Erlaubt: {what}</translation>
        </message>
        <message>
            <source>Along the foot</source>
            <translation>Am Fuß entlang</translation>
        </message>
        <message>
            <source>Also stamp pictures that are copies made by Keep Seal itself</source>
            <translation>Auch Bilder stempeln, die selbst Kopien von Keep Seal sind</translation>
        </message>
        <message>
            <source>Also where another one has the name; it is set aside</source>
            <translation>Auch wo ein anderes den Namen hat; es wird beiseitegelegt</translation>
        </message>
        <message>
            <source>Also write a page to keep; must not exist</source>
            <translation>Auch eine Seite zum Aufbewahren schreiben; darf noch nicht bestehen</translation>
        </message>
        <message>
            <source>Alt Text</source>
            <translation>Alternativtext</translation>
        </message>
        <message>
            <source>Always</source>
            <translation>Immer</translation>
        </message>
        <message>
            <source>Always enlarged</source>
            <translation>Immer vergrößert</translation>
        </message>
        <message>
            <source>Among the originals, under another name</source>
            <translation>Unter die Originale, unter anderem Namen</translation>
        </message>
        <message>
            <source>Amount</source>
            <translation>Menge</translation>
        </message>
        <message>
            <source>An ICC file for RGB or grey.</source>
            <translation>Eine ICC-Datei für RGB oder Grau.</translation>
        </message>
        <message>
            <source>An ICC profile</source>
            <translation>Ein ICC-Profil</translation>
        </message>
        <message>
            <source>An album is a folder of pages that any browser shows. What later runs make for the same folder comes into it as well.</source>
            <translation>Ein Album ist ein Ordner von Seiten, die jeder Browser zeigt. Was spätere Läufe für denselben Ordner machen, kommt ebenfalls hinein.</translation>
        </message>
        <message>
            <source>An angle in the corner that holds the name.</source>
            <translation>Ein Winkel in der Ecke, der den Namen hält.</translation>
        </message>
        <message>
            <source>An e-mail address for questions about your pictures: {studio_contact}.</source>
            <translation>Eine E-Mail-Adresse für Fragen zu Ihren Bildern: {studio_contact}.</translation>
        </message>
        <message>
            <source>An environment variable</source>
            <translation>Einer Umgebungsvariablen</translation>
        </message>
        <message>
            <source>An original or a copy; several may be given</source>
            <translation>Ein Original oder eine Kopie; mehrere sind möglich</translation>
        </message>
        <message>
            <source>An original, byte for byte: "{original}". Copies that left of it: {copies}.</source>
            <translation>Ein Original, Byte für Byte: „{original}“. Kopien, die davon hinausgingen: {copies}.</translation>
        </message>
        <message>
            <source>Another ratio</source>
            <translation>Ein anderes Verhältnis</translation>
        </message>
        <message>
            <source>Answer</source>
            <translation>Antwort</translation>
        </message>
        <message>
            <source>Any</source>
            <translation>Beliebig</translation>
        </message>
        <message>
            <source>Anybody on the way may read the password and the pictures</source>
            <translation>Jeder auf dem Weg kann Passwort und Bilder lesen</translation>
        </message>
        <message>
            <source>Anything else</source>
            <translation>Alles andere</translation>
        </message>
        <message>
            <source>Appears coarse first, then fine, over a slow line.</source>
            <translation>Erscheint über eine langsame Leitung erst grob, dann fein.</translation>
        </message>
        <message>
            <source>Archive</source>
            <translation>Archiv</translation>
        </message>
        <message>
            <source>Around letters, logos and shapes; 0: none.</source>
            <translation>Um Buchstaben, Logos und Formen; 0: keiner.</translation>
        </message>
        <message>
            <source>Around the dark version.</source>
            <translation>Um die dunkle Fassung.</translation>
        </message>
        <message>
            <source>Around the light version.</source>
            <translation>Um die helle Fassung.</translation>
        </message>
        <message>
            <source>Around the picture</source>
            <translation>Um das Bild</translation>
        </message>
        <message>
            <source>Around the picture, inside the border.</source>
            <translation>Um das Bild, innerhalb des Rahmens.</translation>
        </message>
        <message>
            <source>Around: nothing of the picture is lost, the copy grows. Over: the size stays, the picture's edge is covered.</source>
            <translation>Um: Nichts vom Bild geht verloren, die Kopie wächst. Über: Die Größe bleibt, der Rand des Bildes wird bedeckt.</translation>
        </message>
        <message>
            <source>Arrangement</source>
            <translation>Anordnung</translation>
        </message>
        <message>
            <source>As 'list' shows</source>
            <translation>Wie „list“ sie zeigt</translation>
        </message>
        <message>
            <source>As 'list' shows; none: all</source>
            <translation>Wie „list“ sie zeigt; keine: alle</translation>
        </message>
        <message>
            <source>As a delivery file with every default</source>
            <translation>Als Lieferungsdatei mit allen Vorgaben</translation>
        </message>
        <message>
            <source>As a table for spreadsheets</source>
            <translation>Als Tabelle für eine Tabellenkalkulation</translation>
        </message>
        <message>
            <source>As in "Sluice kite festival".</source>
            <translation>Wie in „Drachenfest an der Schleuse“.</translation>
        </message>
        <message>
            <source>As in "staff photographer".</source>
            <translation>Wie in „Hausfotograf“.</translation>
        </message>
        <message>
            <source>As in --set studio='Your Studio'</source>
            <translation>Wie in --set studio='Ihr Studio'</translation>
        </message>
        <message>
            <source>As in the original</source>
            <translation>Wie im Original</translation>
        </message>
        <message>
            <source>As is</source>
            <translation>Wie er ist</translation>
        </message>
        <message>
            <source>As it is after turning and cropping.</source>
            <translation>Wie es nach Drehen und Zuschneiden ist.</translation>
        </message>
        <message>
            <source>As it was found</source>
            <translation>Wie es gefunden wurde</translation>
        </message>
        <message>
            <source>As large as fits</source>
            <translation>So groß wie möglich</translation>
        </message>
        <message>
            <source>As long as the others</source>
            <translation>So lang wie die anderen</translation>
        </message>
        <message>
            <source>As set</source>
            <translation>Wie gesetzt</translation>
        </message>
        <message>
            <source>As set above, or the best of the places you allow, picture by picture.</source>
            <translation>Wie oben gesetzt, oder der beste der Plätze, die Sie erlauben, Bild für Bild.</translation>
        </message>
        <message>
            <source>As small as unseen</source>
            <translation>So klein wie ungesehen</translation>
        </message>
        <message>
            <source>As the JSON Schema of borders</source>
            <translation>Als JSON-Schema der Rahmen</translation>
        </message>
        <message>
            <source>As the JSON Schema of delivery files</source>
            <translation>Als JSON-Schema der Lieferungsdateien</translation>
        </message>
        <message>
            <source>As the JSON Schema of rights sheets</source>
            <translation>Als JSON-Schema der Rechteblätter</translation>
        </message>
        <message>
            <source>As the JSON Schema of seals</source>
            <translation>Als JSON-Schema der Siegel</translation>
        </message>
        <message>
            <source>As the reference page of the documentation</source>
            <translation>Als Nachschlageseite der Dokumentation</translation>
        </message>
        <message>
            <source>As the storage names it; it is part of what is signed.</source>
            <translation>Wie der Speicher sie nennt; sie ist Teil dessen, was unterschrieben wird.</translation>
        </message>
        <message>
            <source>As typed</source>
            <translation>Wie getippt</translation>
        </message>
        <message>
            <source>Ask before any use</source>
            <translation>Vor jeder Nutzung fragen</translation>
        </message>
        <message>
            <source>Ask for fewer pixels, or choose another format</source>
            <translation>Verlangen Sie weniger Pixel oder wählen Sie ein anderes Format</translation>
        </message>
        <message>
            <source>Ask for fewer pixels, or never enlarge</source>
            <translation>Verlangen Sie weniger Pixel oder vergrößern Sie nie</translation>
        </message>
        <message>
            <source>Ask for the file again from where it came</source>
            <translation>Bitten Sie nochmals um die Datei, wo sie herkam</translation>
        </message>
        <message>
            <source>Ask its keeper before you go on; nothing was sent, and no password told</source>
            <translation>Fragen Sie den Betreiber, bevor Sie weitergehen; nichts wurde gesendet und kein Passwort genannt</translation>
        </message>
        <message>
            <source>Ask its keeper; nothing was sent, and no password told</source>
            <translation>Fragen Sie den Betreiber; nichts wurde gesendet und kein Passwort genannt</translation>
        </message>
        <message>
            <source>Ask the receiver; then choose it and send it again, or take it out of the outbox</source>
            <translation>Fragen Sie den Empfänger; dann wählen Sie es und senden es nochmals, oder nehmen Sie es aus dem Ausgang</translation>
        </message>
        <message>
            <source>At a point of its own</source>
            <translation>An einem eigenen Punkt</translation>
        </message>
        <message>
            <source>At byte</source>
            <translation>Ab Byte</translation>
        </message>
        <message>
            <source>At most</source>
            <translation>Höchstens</translation>
        </message>
        <message>
            <source>At most 256 colours</source>
            <translation>Höchstens 256 Farben</translation>
        </message>
        <message>
            <source>Averaged away</source>
            <translation>Weggemittelt</translation>
        </message>
        <message>
            <source>Background</source>
            <translation>Hintergrund</translation>
        </message>
        <message>
            <source>Badge</source>
            <translation>Plakette</translation>
        </message>
        <message>
            <source>Beginnings of words of names, folders, delivery, seal and what the copy says; all must be there</source>
            <translation>Wortanfänge aus Namen, Ordnern, Lieferung, Siegel und dem, was die Kopie sagt; alle müssen vorkommen</translation>
        </message>
        <message>
            <source>Behind the dark version.</source>
            <translation>Hinter der dunklen Fassung.</translation>
        </message>
        <message>
            <source>Behind the light version.</source>
            <translation>Hinter der hellen Fassung.</translation>
        </message>
        <message>
            <source>Below</source>
            <translation>Unten</translation>
        </message>
        <message>
            <source>Between neighbours, from ink to ink.</source>
            <translation>Zwischen Nachbarn, von Farbe zu Farbe.</translation>
        </message>
        <message>
            <source>Between the seal and the plate's edges.</source>
            <translation>Zwischen dem Siegel und den Kanten des Schilds.</translation>
        </message>
        <message>
            <source>Between the seal and the strip's edges.</source>
            <translation>Zwischen dem Siegel und den Kanten des Streifens.</translation>
        </message>
        <message>
            <source>Between two rules, a little aslant, as if by hand.</source>
            <translation>Zwischen zwei Linien, etwas schräg, wie von Hand.</translation>
        </message>
        <message>
            <source>Bits a channel</source>
            <translation>Bit je Kanal</translation>
        </message>
        <message>
            <source>Bleed</source>
            <translation>Beschnitt</translation>
        </message>
        <message>
            <source>Blue</source>
            <translation>Blau</translation>
        </message>
        <message>
            <source>Bold</source>
            <translation>Fett</translation>
        </message>
        <message>
            <source>Border</source>
            <translation>Rahmen</translation>
        </message>
        <message>
            <source>Bottom</source>
            <translation>Unten</translation>
        </message>
        <message>
            <source>Bottom left</source>
            <translation>Unten links</translation>
        </message>
        <message>
            <source>Bottom left, across</source>
            <translation>Unten links, quer</translation>
        </message>
        <message>
            <source>Bottom left, down</source>
            <translation>Unten links, hoch</translation>
        </message>
        <message>
            <source>Bottom right</source>
            <translation>Unten rechts</translation>
        </message>
        <message>
            <source>Bottom right, across</source>
            <translation>Unten rechts, quer</translation>
        </message>
        <message>
            <source>Bottom right, down</source>
            <translation>Unten rechts, hoch</translation>
        </message>
        <message>
            <source>Box</source>
            <translation>Kasten</translation>
        </message>
        <message>
            <source>Bright side of edges</source>
            <translation>Helle Seite von Kanten</translation>
        </message>
        <message>
            <source>Brightness</source>
            <translation>Helligkeit</translation>
        </message>
        <message>
            <source>Bring back the one that was removed last</source>
            <translation>Das zuletzt entfernte zurückholen</translation>
        </message>
        <message>
            <source>Bring that file back under its path, or plan anew</source>
            <translation>Bringen Sie die Datei unter ihren Pfad zurück oder planen Sie neu</translation>
        </message>
        <message>
            <source>Bucket</source>
            <translation>Bucket</translation>
        </message>
        <message>
            <source>But not above</source>
            <translation>Aber nicht über</translation>
        </message>
        <message>
            <source>By</source>
            <translation>Über</translation>
        </message>
        <message>
            <source>By the picture</source>
            <translation>Nach dem Bild</translation>
        </message>
        <message>
            <source>Bytes</source>
            <translation>Bytes</translation>
        </message>
        <message>
            <source>CAPITAL</source>
            <translation>GROSS</translation>
        </message>
        <message>
            <source>COMMANDS</source>
            <translation>BEFEHLE</translation>
        </message>
        <message>
            <source>Camera and exposure</source>
            <translation>Kamera und Belichtung</translation>
        </message>
        <message>
            <source>Capitals</source>
            <translation>Großbuchstaben</translation>
        </message>
        <message>
            <source>Caption</source>
            <translation>Bildunterschrift</translation>
        </message>
        <message>
            <source>Cards and cameras that are mounted</source>
            <translation>Eingehängte Karten und Kameras</translation>
        </message>
        <message>
            <source>Centre</source>
            <translation>Mitte</translation>
        </message>
        <message>
            <source>Certificates</source>
            <translation>Zertifikate</translation>
        </message>
        <message>
            <source>Change one setting first</source>
            <translation>Zuerst eine Einstellung ändern</translation>
        </message>
        <message>
            <source>Change one setting, as in --set seal.size=6; see 'keep-seal-cli settings'</source>
            <translation>Eine Einstellung ändern, wie in --set seal.size=6; siehe „keep-seal-cli settings“</translation>
        </message>
        <message>
            <source>Change one setting, as in --set sending.user=anna</source>
            <translation>Eine Einstellung ändern, wie in --set sending.user=anna</translation>
        </message>
        <message>
            <source>Change those words, or let the sheet drop them</source>
            <translation>Ändern Sie diese Worte oder lassen Sie das Blatt sie streichen</translation>
        </message>
        <message>
            <source>Characters</source>
            <translation>Zeichen</translation>
        </message>
        <message>
            <source>Check its permissions</source>
            <translation>Prüfen Sie die Berechtigungen</translation>
        </message>
        <message>
            <source>Check the addresses</source>
            <translation>Prüfen Sie die Adressen</translation>
        </message>
        <message>
            <source>Check the disk that it lies on</source>
            <translation>Prüfen Sie den Datenträger, auf dem sie liegt</translation>
        </message>
        <message>
            <source>Check the folder there</source>
            <translation>Prüfen Sie den Ordner dort</translation>
        </message>
        <message>
            <source>Check the folder's permissions</source>
            <translation>Prüfen Sie die Berechtigungen des Ordners</translation>
        </message>
        <message>
            <source>Check the folder's permissions and the space left on the disk</source>
            <translation>Prüfen Sie die Berechtigungen des Ordners und den Platz auf dem Datenträger</translation>
        </message>
        <message>
            <source>Check the folder's permissions; the copies themselves are not touched by this</source>
            <translation>Prüfen Sie die Berechtigungen des Ordners; die Kopien selbst sind davon unberührt</translation>
        </message>
        <message>
            <source>Check the name, and the network</source>
            <translation>Prüfen Sie den Namen und das Netz</translation>
        </message>
        <message>
            <source>Check the path</source>
            <translation>Prüfen Sie den Pfad</translation>
        </message>
        <message>
            <source>Check the path, and whether its disk is there</source>
            <translation>Prüfen Sie den Pfad und ob sein Datenträger da ist</translation>
        </message>
        <message>
            <source>Check them, then try it out</source>
            <translation>Prüfen Sie beides, dann probieren Sie es aus</translation>
        </message>
        <message>
            <source>Choose a TrueType or OpenType file</source>
            <translation>Wählen Sie eine TrueType- oder OpenType-Datei</translation>
        </message>
        <message>
            <source>Choose a folder</source>
            <translation>Wählen Sie einen Ordner</translation>
        </message>
        <message>
            <source>Choose a folder for the copies that holds no originals</source>
            <translation>Wählen Sie einen Ordner für die Kopien, in dem keine Originale liegen</translation>
        </message>
        <message>
            <source>Choose a larger file, or one with outlines (SVG, PDF)</source>
            <translation>Wählen Sie eine größere Datei oder eine mit Umrissen (SVG, PDF)</translation>
        </message>
        <message>
            <source>Choose a logo that can be read</source>
            <translation>Wählen Sie ein Logo, das gelesen werden kann</translation>
        </message>
        <message>
            <source>Choose a profile that is there, or other colours</source>
            <translation>Wählen Sie ein Profil, das da ist, oder andere Farben</translation>
        </message>
        <message>
            <source>Choose a profile, or other colours</source>
            <translation>Wählen Sie ein Profil oder andere Farben</translation>
        </message>
        <message>
            <source>Choose an RGB or grey ICC profile for a display or a printer</source>
            <translation>Wählen Sie ein ICC-Profil für RGB oder Grau, für Bildschirm oder Drucker</translation>
        </message>
        <message>
            <source>Choose an XMP file with a creator, a notice or other fields of the IPTC standard</source>
            <translation>Wählen Sie eine XMP-Datei mit Urheber, Vermerk oder anderen Feldern des IPTC-Standards</translation>
        </message>
        <message>
            <source>Choose another file for the logo</source>
            <translation>Wählen Sie eine andere Datei für das Logo</translation>
        </message>
        <message>
            <source>Choose another folder</source>
            <translation>Wählen Sie einen anderen Ordner</translation>
        </message>
        <message>
            <source>Choose another folder for the copies</source>
            <translation>Wählen Sie einen anderen Ordner für die Kopien</translation>
        </message>
        <message>
            <source>Choose another folder for the copies, for example a new one inside it</source>
            <translation>Wählen Sie einen anderen Ordner für die Kopien, zum Beispiel einen neuen darin</translation>
        </message>
        <message>
            <source>Choose another name</source>
            <translation>Wählen Sie einen anderen Namen</translation>
        </message>
        <message>
            <source>Choose another name: nothing is ever replaced</source>
            <translation>Wählen Sie einen anderen Namen: Nichts wird je ersetzt</translation>
        </message>
        <message>
            <source>Choose another one, or save the proof sheets as a PDF</source>
            <translation>Wählen Sie einen anderen oder speichern Sie die Probebögen als PDF</translation>
        </message>
        <message>
            <source>Choose another typeface, or other words</source>
            <translation>Wählen Sie eine andere Schrift oder andere Worte</translation>
        </message>
        <message>
            <source>Choose another way, or say so at the station Sending</source>
            <translation>Wählen Sie einen anderen Weg oder sagen Sie es an der Station Versand</translation>
        </message>
        <message>
            <source>Choose at least one</source>
            <translation>Wählen Sie mindestens eines</translation>
        </message>
        <message>
            <source>Choose its file, or take the part away</source>
            <translation>Wählen Sie die Datei oder nehmen Sie den Teil weg</translation>
        </message>
        <message>
            <source>Choose one</source>
            <translation>Wählen Sie eines</translation>
        </message>
        <message>
            <source>Choose one of the list</source>
            <translation>Wählen Sie einen aus der Liste</translation>
        </message>
        <message>
            <source>Choose such a name</source>
            <translation>Wählen Sie einen solchen Namen</translation>
        </message>
        <message>
            <source>Choose where its copies go</source>
            <translation>Wählen Sie, wohin die Kopien kommen</translation>
        </message>
        <message>
            <source>Chosen</source>
            <translation>Gewählte</translation>
        </message>
        <message>
            <source>Chosen colour</source>
            <translation>Gewählte Farbe</translation>
        </message>
        <message numerus="yes">
            <source>Chosen on the wall: {n} pictures. The delivery that the copies were made for is not in this job: open it, then stamp.</source>
            <translation>
                <numerusform>An der Wand gewählt: {n} Bild. Die Lieferung, für die die Kopien gemacht wurden, ist nicht in diesem Auftrag: Öffnen Sie sie, dann stempeln Sie.</numerusform>
                <numerusform>An der Wand gewählt: {n} Bilder. Die Lieferung, für die die Kopien gemacht wurden, ist nicht in diesem Auftrag: Öffnen Sie sie, dann stempeln Sie.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Chosen on the wall: {n} pictures. Ticked: %1. Stamp to make their copies again.</source>
            <translation>
                <numerusform>An der Wand gewählt: {n} Bild. Angehakt: %1. Stempeln macht seine Kopien nochmals.</numerusform>
                <numerusform>An der Wand gewählt: {n} Bilder. Angehakt: %1. Stempeln macht ihre Kopien nochmals.</numerusform>
            </translation>
        </message>
        <message>
            <source>City</source>
            <translation>Stadt</translation>
        </message>
        <message>
            <source>Clear of the caption</source>
            <translation>Neben der Bildunterschrift</translation>
        </message>
        <message>
            <source>Client proofs</source>
            <translation>Kundenproben</translation>
        </message>
        <message>
            <source>Clockwise from upwards.</source>
            <translation>Im Uhrzeigersinn von oben.</translation>
        </message>
        <message>
            <source>Clockwise, after the picture was set upright by its own orientation.</source>
            <translation>Im Uhrzeigersinn, nachdem das Bild nach seiner eigenen Angabe aufgerichtet wurde.</translation>
        </message>
        <message>
            <source>Clockwise. A strip is not turned.</source>
            <translation>Im Uhrzeigersinn. Ein Streifen wird nicht gedreht.</translation>
        </message>
        <message>
            <source>Clockwise. The largest upright rectangle is kept; nothing is made up at the corners.</source>
            <translation>Im Uhrzeigersinn. Das größte aufrechte Rechteck bleibt; an den Ecken wird nichts erfunden.</translation>
        </message>
        <message>
            <source>Close Location again, if it is not meant so</source>
            <translation>Schließen Sie den Aufnahmeort wieder, wenn es nicht so gemeint ist</translation>
        </message>
        <message>
            <source>Close other programs, then try again</source>
            <translation>Schließen Sie andere Programme, dann versuchen Sie es nochmals</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Farbe</translation>
        </message>
        <message>
            <source>Colour detail</source>
            <translation>Farbdetail</translation>
        </message>
        <message>
            <source>Colour, dark version</source>
            <translation>Farbe, dunkle Fassung</translation>
        </message>
        <message>
            <source>Colour, light version</source>
            <translation>Farbe, helle Fassung</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Farben</translation>
        </message>
        <message>
            <source>Colours out of range</source>
            <translation>Farben außerhalb</translation>
        </message>
        <message>
            <source>Colours this near become transparent as well, the nearest most.</source>
            <translation>So nahe Farben werden auch durchsichtig, die nächsten am meisten.</translation>
        </message>
        <message>
            <source>Common sizes</source>
            <translation>Übliche Größen</translation>
        </message>
        <message>
            <source>Compare that with what the server's keeper says, then write it at the station Sending</source>
            <translation>Vergleichen Sie das mit dem, was der Betreiber sagt, dann schreiben Sie es an die Station Versand</translation>
        </message>
        <message>
            <source>Completion for bash, of all commands</source>
            <translation>Vervollständigung aller Befehle für bash</translation>
        </message>
        <message>
            <source>Composed of several captures</source>
            <translation>Zusammengesetzt aus mehreren Aufnahmen</translation>
        </message>
        <message>
            <source>Connect, write a small file and take it away again; where that does, copies may be sent there</source>
            <translation>Verbinden, eine kleine Datei schreiben und wieder wegnehmen; wo das geht, dürfen Kopien hingesendet werden</translation>
        </message>
        <message>
            <source>Contact</source>
            <translation>Kontakt</translation>
        </message>
        <message>
            <source>Contrast</source>
            <translation>Kontrast</translation>
        </message>
        <message>
            <source>Copies by names, words, days, delivery, folder, seal or size</source>
            <translation>Kopien nach Namen, Worten, Tagen, Lieferung, Ordner, Siegel oder Größe</translation>
        </message>
        <message>
            <source>Copies go</source>
            <translation>Kopien kommen</translation>
        </message>
        <message>
            <source>Copies listed, the newest first; 0: all</source>
            <translation>So viele Kopien zeigen, die neuesten zuerst; 0: alle</translation>
        </message>
        <message>
            <source>Copies may be sent there from now on.</source>
            <translation>Von jetzt an dürfen Kopien dorthin gesendet werden.</translation>
        </message>
        <message>
            <source>Copies may be sent to {place} from now on.</source>
            <translation>Von jetzt an dürfen Kopien an {place} gesendet werden.</translation>
        </message>
        <message>
            <source>Copies of {day}</source>
            <translation>Kopien vom {day}</translation>
        </message>
        <message>
            <source>Copies that are to be sent, and sending them</source>
            <translation>Kopien, die zu senden sind, und das Senden</translation>
        </message>
        <message>
            <source>Copy it again from where it came</source>
            <translation>Kopieren Sie es nochmals, wo es herkam</translation>
        </message>
        <message>
            <source>Copy or original lies below this folder</source>
            <translation>Kopie oder Original liegt unter diesem Ordner</translation>
        </message>
        <message>
            <source>Copyright Notice</source>
            <translation>Copyright-Vermerk</translation>
        </message>
        <message>
            <source>Copyright Owner</source>
            <translation>Rechteinhaber</translation>
        </message>
        <message>
            <source>Copyright status</source>
            <translation>Copyright-Status</translation>
        </message>
        <message>
            <source>Corner bracket</source>
            <translation>Eckwinkel</translation>
        </message>
        <message>
            <source>Corners and edges</source>
            <translation>Ecken und Ränder</translation>
        </message>
        <message numerus="yes">
            <source>Could not be read: {n} ledgers.</source>
            <translation>
                <numerusform>Konnte nicht gelesen werden: {n} Protokoll.</numerusform>
                <numerusform>Konnten nicht gelesen werden: {n} Protokolle.</numerusform>
            </translation>
        </message>
        <message>
            <source>Counted from 1: "2", "1-3, 5", "4-" to the last.</source>
            <translation>Ab 1 gezählt: „2“, „1-3, 5“, „4-“ bis zum letzten.</translation>
        </message>
        <message>
            <source>Country</source>
            <translation>Land</translation>
        </message>
        <message>
            <source>Country Code</source>
            <translation>Ländercode</translation>
        </message>
        <message>
            <source>Creator</source>
            <translation>Urheber</translation>
        </message>
        <message>
            <source>Creator's job title</source>
            <translation>Berufsbezeichnung des Urhebers</translation>
        </message>
        <message>
            <source>Credit Line</source>
            <translation>Bildnachweis</translation>
        </message>
        <message>
            <source>Credit line and terms for editorial use; keeps descriptions and keywords as they are</source>
            <translation>Bildnachweis und Bedingungen für redaktionelle Nutzung; Beschreibungen und Stichworte bleiben, wie sie sind</translation>
        </message>
        <message>
            <source>Crisp: texture, buildings</source>
            <translation>Knackig: Struktur, Bauten</translation>
        </message>
        <message>
            <source>Crop marks</source>
            <translation>Schnittmarken</translation>
        </message>
        <message>
            <source>Crop to</source>
            <translation>Zuschneiden auf</translation>
        </message>
        <message>
            <source>Cropped</source>
            <translation>Zugeschnitten</translation>
        </message>
        <message numerus="yes">
            <source>Cut by {n} bytes in IIM; whole in the others.</source>
            <translation>
                <numerusform>Um {n} Byte gekürzt in IIM; ganz in den anderen.</numerusform>
                <numerusform>Um {n} Bytes gekürzt in IIM; ganz in den anderen.</numerusform>
            </translation>
        </message>
        <message>
            <source>Cut coordinates out of texts</source>
            <translation>Koordinaten aus Texten schneiden</translation>
        </message>
        <message>
            <source>Cut down</source>
            <translation>Vermindert</translation>
        </message>
        <message>
            <source>Cut empty edges off</source>
            <translation>Leere Ränder abschneiden</translation>
        </message>
        <message>
            <source>Cut window</source>
            <translation>Ausgeschnittenes Fenster</translation>
        </message>
        <message>
            <source>DESCRIPTION</source>
            <translation>BESCHREIBUNG</translation>
        </message>
        <message>
            <source>Dark</source>
            <translation>Dunkel</translation>
        </message>
        <message>
            <source>Dark side of edges</source>
            <translation>Dunkle Seite von Kanten</translation>
        </message>
        <message>
            <source>Darken</source>
            <translation>Abdunkeln</translation>
        </message>
        <message>
            <source>Data Mining</source>
            <translation>Data-Mining</translation>
        </message>
        <message>
            <source>Date taken</source>
            <translation>Aufnahmedatum</translation>
        </message>
        <message>
            <source>Default</source>
            <translation>Vorgabe</translation>
        </message>
        <message>
            <source>Deliver in spite of a note of this kind (KIND or KIND=SUBJECT), for all pictures; see 'settings --notes'</source>
            <translation>Trotz eines Hinweises dieser Art liefern (KIND oder KIND=SUBJECT), für alle Bilder; siehe „settings --notes“</translation>
        </message>
        <message>
            <source>Depth</source>
            <translation>Tiefe</translation>
        </message>
        <message>
            <source>Description</source>
            <translation>Beschreibung</translation>
        </message>
        <message>
            <source>Developed</source>
            <translation>Entwickelt</translation>
        </message>
        <message>
            <source>Developed: from the sensor's data, neutral, 16 bits, with the camera's white balance. The camera's own: the JPEG it put into the file.</source>
            <translation>Entwickelt: aus den Daten des Sensors, neutral, 16 Bit, mit dem Weißabgleich der Kamera. Das der Kamera: das JPEG, das sie in die Datei legte.</translation>
        </message>
        <message>
            <source>Did you mean </source>
            <translation>Meinten Sie </translation>
        </message>
        <message>
            <source>Did you mean '{command}'?</source>
            <translation>Meinten Sie „{command}“?</translation>
        </message>
        <message>
            <source>Did you mean {near}?</source>
            <translation>Meinten Sie {near}?</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Differenz</translation>
        </message>
        <message>
            <source>Difference no worse than</source>
            <translation>Unterschied nicht schlechter als</translation>
        </message>
        <message>
            <source>Digital Source Type</source>
            <translation>Art der digitalen Quelle</translation>
        </message>
        <message>
            <source>Digits</source>
            <translation>Ziffern</translation>
        </message>
        <message>
            <source>Display P3</source>
            <translation>Display P3</translation>
        </message>
        <message>
            <source>Display program version information and exit</source>
            <translation>Die Version zeigen und enden</translation>
        </message>
        <message>
            <source>Distance</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <source>Distance across</source>
            <translation>Abstand quer</translation>
        </message>
        <message>
            <source>Distance down</source>
            <translation>Abstand hoch</translation>
        </message>
        <message>
            <source>Do it; else it is only said what would go</source>
            <translation>Es tun; sonst wird nur gesagt, was ginge</translation>
        </message>
        <message>
            <source>Do not begin</source>
            <translation>Nicht beginnen</translation>
        </message>
        <message>
            <source>Do not send it</source>
            <translation>Nicht senden</translation>
        </message>
        <message>
            <source>Done: {outcomes}.</source>
            <translation>Fertig: {outcomes}.</translation>
        </message>
        <message>
            <source>Down</source>
            <translation>Hoch</translation>
        </message>
        <message>
            <source>Download</source>
            <translation>Herunterladen</translation>
        </message>
        <message>
            <source>Drawn inside</source>
            <translation>Nach innen gezeichnet</translation>
        </message>
        <message>
            <source>Draws only the letters' outline, this wide; 0 fills them.</source>
            <translation>Zeichnet nur den Umriss der Buchstaben, so breit; 0 füllt sie.</translation>
        </message>
        <message>
            <source>Drop keywords that name the place</source>
            <translation>Stichworte streichen, die den Ort nennen</translation>
        </message>
        <message>
            <source>E-mail</source>
            <translation>E-Mail</translation>
        </message>
        <message>
            <source>EXAMPLE</source>
            <translation>BEISPIEL</translation>
        </message>
        <message>
            <source>EXIT STATUS</source>
            <translation>EXIT-STATUS</translation>
        </message>
        <message>
            <source>Each its own</source>
            <translation>Jede ihre eigene</translation>
        </message>
        <message>
            <source>Each row needs a file name of this job first, and a field's name above each column</source>
            <translation>Jede Zeile braucht zuerst einen Dateinamen dieses Auftrags und jede Spalte den Namen eines Feldes</translation>
        </message>
        <message>
            <source>Edited by a person</source>
            <translation>Von einem Menschen bearbeitet</translation>
        </message>
        <message>
            <source>Edited with generative AI</source>
            <translation>Mit generativer KI bearbeitet</translation>
        </message>
        <message>
            <source>Editing history</source>
            <translation>Bearbeitungsverlauf</translation>
        </message>
        <message>
            <source>Embedded previews</source>
            <translation>Eingebettete Vorschaubilder</translation>
        </message>
        <message>
            <source>Emblem</source>
            <translation>Emblem</translation>
        </message>
        <message>
            <source>Emblem and name in turn</source>
            <translation>Emblem und Name im Wechsel</translation>
        </message>
        <message>
            <source>Emblem beside the name</source>
            <translation>Emblem neben dem Namen</translation>
        </message>
        <message>
            <source>Emblem in a ring</source>
            <translation>Emblem im Ring</translation>
        </message>
        <message>
            <source>Emblem, dark</source>
            <translation>Emblem, dunkel</translation>
        </message>
        <message>
            <source>Emblem, light</source>
            <translation>Emblem, hell</translation>
        </message>
        <message>
            <source>Emblem, light and dark</source>
            <translation>Emblem, hell und dunkel</translation>
        </message>
        <message>
            <source>Emblem, name and year under each other.</source>
            <translation>Emblem, Name und Jahr untereinander.</translation>
        </message>
        <message>
            <source>Empty: none. {delivery} or {year}/{month} are filled in for each picture.</source>
            <translation>Leer: keiner. {delivery} oder {year}/{month} werden für jedes Bild eingesetzt.</translation>
        </message>
        <message>
            <source>End</source>
            <translation>Ende</translation>
        </message>
        <message>
            <source>End it with .pdf, .html or .csv</source>
            <translation>Lassen Sie es auf .pdf, .html oder .csv enden</translation>
        </message>
        <message>
            <source>End when all that is there has been worked on</source>
            <translation>Enden, wenn alles, was da ist, bearbeitet wurde</translation>
        </message>
        <message>
            <source>Ends at the picture's right edge.</source>
            <translation>Endet an der rechten Bildkante.</translation>
        </message>
        <message>
            <source>Enlarged pictures are soft; each one is told.</source>
            <translation>Vergrößerte Bilder sind weich; jedes wird gemeldet.</translation>
        </message>
        <message>
            <source>Enlarged up to a limit</source>
            <translation>Vergrößert bis zu einer Grenze</translation>
        </message>
        <message>
            <source>Enter starts a new line. {name}, {year}, {creator} and others are filled in for each picture; {title|untitled} says what to put where there is none.</source>
            <translation>Eingabe beginnt eine neue Zeile. {name}, {year}, {creator} und andere werden für jedes Bild eingesetzt; {title|ohne Titel} sagt, was steht, wo es keinen gibt.</translation>
        </message>
        <message>
            <source>Enter starts a new line. {name}, {year}, {creator} and others are filled in for each picture; {title|untitled} says what to put where there is none. (Of the seal's first text.)</source>
            <translation>Eingabe beginnt eine neue Zeile. {name}, {year}, {creator} und andere werden für jedes Bild eingesetzt; {title|ohne Titel} sagt, was steht, wo es keinen gibt. (Vom ersten Text des Siegels.)</translation>
        </message>
        <message>
            <source>Entries for the library's deliveries that name a folder, and for the window; again after the library changed</source>
            <translation>Einträge für die Lieferungen der Bibliothek, die einen Ordner nennen, und für das Fenster; nochmals, nachdem sich die Bibliothek geändert hat</translation>
        </message>
        <message numerus="yes">
            <source>Entries for {n} deliveries and for the window.</source>
            <translation>
                <numerusform>Einträge für {n} Lieferung und für das Fenster.</numerusform>
                <numerusform>Einträge für {n} Lieferungen und für das Fenster.</numerusform>
            </translation>
        </message>
        <message>
            <source>Equal area on every shape</source>
            <translation>Gleiche Fläche bei jeder Form</translation>
        </message>
        <message>
            <source>Equal on all sides.</source>
            <translation>Auf allen Seiten gleich.</translation>
        </message>
        <message>
            <source>Event</source>
            <translation>Ereignis</translation>
        </message>
        <message>
            <source>Every other row shifted</source>
            <translation>Jede zweite Reihe versetzt</translation>
        </message>
        <message>
            <source>Every picture</source>
            <translation>Jedes Bild</translation>
        </message>
        <message>
            <source>Every pixel stays as it is.</source>
            <translation>Jedes Pixel bleibt, wie es ist.</translation>
        </message>
        <message>
            <source>Every pixel, no mark, 300 pixels an inch; the lab gets them numbered.</source>
            <translation>Jedes Pixel, kein Zeichen, 300 Pixel je Zoll; das Labor bekommt sie nummeriert.</translation>
        </message>
        <message>
            <source>Everything that was made for it</source>
            <translation>Alles, was für sie gemacht wurde</translation>
        </message>
        <message>
            <source>Exact pixels, filled and trimmed</source>
            <translation>Genaue Pixel, gefüllt und beschnitten</translation>
        </message>
        <message>
            <source>Exact pixels, padded</source>
            <translation>Genaue Pixel, aufgefüllt</translation>
        </message>
        <message>
            <source>Export it again</source>
            <translation>Exportieren Sie es nochmals</translation>
        </message>
        <message>
            <source>Export it as a JPEG, TIFF or DNG first</source>
            <translation>Exportieren Sie es zuerst als JPEG, TIFF oder DNG</translation>
        </message>
        <message>
            <source>Extended Description</source>
            <translation>Erweiterte Beschreibung</translation>
        </message>
        <message>
            <source>FILES</source>
            <translation>DATEIEN</translation>
        </message>
        <message>
            <source>FTP over TLS</source>
            <translation>FTP über TLS</translation>
        </message>
        <message>
            <source>Fades out near white and black and keeps halos narrow.</source>
            <translation>Klingt nahe Weiß und Schwarz aus und hält Säume schmal.</translation>
        </message>
        <message>
            <source>Falls towards</source>
            <translation>Fällt nach</translation>
        </message>
        <message>
            <source>Fast page</source>
            <translation>Schnelle Seite</translation>
        </message>
        <message>
            <source>Field</source>
            <translation>Feld</translation>
        </message>
        <message>
            <source>File</source>
            <translation>Datei</translation>
        </message>
        <message>
            <source>File ending in .pdf, .html or .csv; must not exist</source>
            <translation>Datei, die auf .pdf, .html oder .csv endet; darf noch nicht bestehen</translation>
        </message>
        <message>
            <source>Files and folders</source>
            <translation>Dateien und Ordner</translation>
        </message>
        <message>
            <source>Files of Keep Seal are far smaller; ask for it again from where it came</source>
            <translation>Dateien von Keep Seal sind viel kleiner; bitten Sie nochmals um sie, wo sie herkam</translation>
        </message>
        <message>
            <source>Files of any origin, and folders with all in them</source>
            <translation>Dateien jeder Herkunft, und Ordner mit allem darin</translation>
        </message>
        <message>
            <source>Fill where it is empty</source>
            <translation>Füllen, wo es leer ist</translation>
        </message>
        <message>
            <source>Filled and padded reach the paper to the pixel.</source>
            <translation>Gefüllt und aufgefüllt treffen das Papier auf den Pixel.</translation>
        </message>
        <message>
            <source>Filled, trimmed</source>
            <translation>Gefüllt, beschnitten</translation>
        </message>
        <message>
            <source>Filled: what is kept. Padded: where the picture stands.</source>
            <translation>Gefüllt: was bleibt. Aufgefüllt: wo das Bild steht.</translation>
        </message>
        <message>
            <source>Fine detail of about a pixel, in the middle tones only: cloth, sand, hair after a strong reduction. Beside the plain sharpening above.</source>
            <translation>Feines Detail von etwa einem Pixel, nur in den mittleren Tönen: Stoff, Sand, Haar nach starkem Verkleinern. Neben dem einfachen Schärfen oben.</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Ausarbeitung</translation>
        </message>
        <message>
            <source>Finished copies go into the outbox, which puts them on a server. The run does not wait for it.</source>
            <translation>Fertige Kopien kommen in den Ausgang, der sie auf einen Server legt. Der Lauf wartet nicht darauf.</translation>
        </message>
        <message>
            <source>Fit</source>
            <translation>Einpassen</translation>
        </message>
        <message>
            <source>Fit by</source>
            <translation>Einpassen nach</translation>
        </message>
        <message>
            <source>Fit to a size</source>
            <translation>Auf eine Größe bringen</translation>
        </message>
        <message>
            <source>Folder</source>
            <translation>Ordner</translation>
        </message>
        <message>
            <source>Folder for the copies of the deliveries given</source>
            <translation>Ordner für die Kopien der genannten Lieferungen</translation>
        </message>
        <message>
            <source>Folder for the copies, instead of the delivery's own</source>
            <translation>Ordner für die Kopien, statt des eigenen der Lieferung</translation>
        </message>
        <message>
            <source>Folder inside it</source>
            <translation>Ordner darin</translation>
        </message>
        <message>
            <source>Folder there</source>
            <translation>Ordner dort</translation>
        </message>
        <message>
            <source>Folders inside it too</source>
            <translation>Auch Ordner darin</translation>
        </message>
        <message>
            <source>Foot</source>
            <translation>Fuß</translation>
        </message>
        <message>
            <source>Foot strip with caption</source>
            <translation>Fußstreifen mit Bildunterschrift</translation>
        </message>
        <message>
            <source>For S3: the access key's name.</source>
            <translation>Für S3: der Name des Zugangsschlüssels.</translation>
        </message>
        <message>
            <source>For a logo on a plain ground, as JPEG files have it.</source>
            <translation>Für ein Logo auf glattem Grund, wie JPEG-Dateien es haben.</translation>
        </message>
        <message>
            <source>For a tall picture, width and height change places.</source>
            <translation>Bei einem hohen Bild tauschen Breite und Höhe.</translation>
        </message>
        <message>
            <source>For choosing only; no title or keywords leave the studio</source>
            <translation>Nur zur Auswahl; kein Titel, keine Stichworte verlassen das Studio</translation>
        </message>
        <message>
            <source>For drawings and letters: a palette made for the picture, a third of the bytes. Photographs show steps. Files of 16 bits keep all theirs.</source>
            <translation>Für Zeichnungen und Schrift: eine Palette für das Bild, ein Drittel der Bytes. Fotografien zeigen Stufen. Dateien mit 16 Bit behalten alles.</translation>
        </message>
        <message>
            <source>For print and archive; transparency, 8 or 16 bits.</source>
            <translation>Für Druck und Archiv; Transparenz, 8 oder 16 Bit.</translation>
        </message>
        <message>
            <source>For those who can't see the picture: what is in it, in one sentence.</source>
            <translation>Für die, die das Bild nicht sehen können: was darauf ist, in einem Satz.</translation>
        </message>
        <message numerus="yes">
            <source>Forgotten: {n} rows.</source>
            <translation>
                <numerusform>Vergessen: {n} Zeile.</numerusform>
                <numerusform>Vergessen: {n} Zeilen.</numerusform>
            </translation>
        </message>
        <message>
            <source>Freely</source>
            <translation>Frei</translation>
        </message>
        <message>
            <source>From</source>
            <translation>Von</translation>
        </message>
        <message>
            <source>From 1.</source>
            <translation>Ab 1.</translation>
        </message>
        <message>
            <source>From edge to edge.</source>
            <translation>Von Rand zu Rand.</translation>
        </message>
        <message>
            <source>From line to line.</source>
            <translation>Von Zeile zu Zeile.</translation>
        </message>
        <message>
            <source>From row to row.</source>
            <translation>Von Reihe zu Reihe.</translation>
        </message>
        <message>
            <source>From seal to seal.</source>
            <translation>Von Siegel zu Siegel.</translation>
        </message>
        <message>
            <source>From side to side at the height of its place, or along the left or right edge, written upwards or downwards.</source>
            <translation>Von Seite zu Seite in der Höhe seines Platzes, oder an der linken oder rechten Kante, aufwärts oder abwärts geschrieben.</translation>
        </message>
        <message>
            <source>From the edge of the picture to the ink of the seal.</source>
            <translation>Vom Bildrand bis zur Farbe des Siegels.</translation>
        </message>
        <message>
            <source>From the upper and lower edge of the picture to the ink of the seal.</source>
            <translation>Vom oberen und unteren Bildrand bis zur Farbe des Siegels.</translation>
        </message>
        <message>
            <source>From {count} pictures its shape can be averaged, and {percent} % of it taken off this one.</source>
            <translation>Aus {count} Bildern lässt sich seine Form mitteln, und {percent} % davon lassen sich von diesem abziehen.</translation>
        </message>
        <message>
            <source>From: {value}</source>
            <translation>Von: {value}</translation>
        </message>
        <message>
            <source>Full (4:4:4)</source>
            <translation>Voll (4:4:4)</translation>
        </message>
        <message>
            <source>Full keeps fine red and blue edges crisp and makes the file a little larger.</source>
            <translation>Voll hält feine rote und blaue Kanten scharf und macht die Datei etwas größer.</translation>
        </message>
        <message>
            <source>Full keeps fine red and blue edges crisp and makes the file larger. By the picture: full where such edges are, else 4:2:0.</source>
            <translation>Voll hält feine rote und blaue Kanten scharf und macht die Datei größer. Nach dem Bild: voll, wo solche Kanten sind, sonst 4:2:0.</translation>
        </message>
        <message>
            <source>Gap</source>
            <translation>Lücke</translation>
        </message>
        <message>
            <source>Give K/N, such as 3/8</source>
            <translation>Geben Sie K/N an, etwa 3/8</translation>
        </message>
        <message>
            <source>Give it a name that ends in .pdf or .html</source>
            <translation>Geben Sie ihm einen Namen, der auf .pdf oder .html endet</translation>
        </message>
        <message>
            <source>Give it a part, or switch the seal off</source>
            <translation>Geben Sie ihm einen Teil oder schalten Sie das Siegel aus</translation>
        </message>
        <message>
            <source>Give it back to your account, or point the XDG folders somewhere else</source>
            <translation>Geben Sie ihn Ihrem Konto zurück oder lassen Sie die XDG-Ordner anderswohin zeigen</translation>
        </message>
        <message>
            <source>Give it more strength, or let it get it by itself</source>
            <translation>Geben Sie ihm mehr Stärke oder lassen Sie es sie selbst nehmen</translation>
        </message>
        <message>
            <source>Give it one</source>
            <translation>Geben Sie ihm einen</translation>
        </message>
        <message>
            <source>Give that side a mat, or switch the caption off</source>
            <translation>Geben Sie dieser Seite ein Passepartout oder schalten Sie die Bildunterschrift aus</translation>
        </message>
        <message>
            <source>Give the picture that value, or the token a word to stand in</source>
            <translation>Geben Sie dem Bild diesen Wert oder dem Platzhalter ein Ersatzwort</translation>
        </message>
        <message>
            <source>Give the picture that value, or the token a word to stand in: {{{subject}|...}}</source>
            <translation>Geben Sie dem Bild diesen Wert oder dem Platzhalter ein Ersatzwort: {{{subject}|...}}</translation>
        </message>
        <message>
            <source>Give the picture the values it asks for, or change the text</source>
            <translation>Geben Sie dem Bild die verlangten Werte oder ändern Sie den Text</translation>
        </message>
        <message>
            <source>Give the picture the values it asks for, or switch the caption off</source>
            <translation>Geben Sie dem Bild die verlangten Werte oder schalten Sie die Bildunterschrift aus</translation>
        </message>
        <message>
            <source>Give the seal a larger margin, or the page less bleed</source>
            <translation>Geben Sie dem Siegel einen größeren Abstand oder der Seite weniger Beschnitt</translation>
        </message>
        <message>
            <source>Give the seal a part</source>
            <translation>Geben Sie dem Siegel einen Teil</translation>
        </message>
        <message>
            <source>Given up; its ledger: {file}</source>
            <translation>Aufgegeben; sein Protokoll: {file}</translation>
        </message>
        <message>
            <source>Gives back what making the picture smaller took. A picture that keeps its own pixels is left as it is.</source>
            <translation>Gibt zurück, was das Verkleinern nahm. Ein Bild, das seine Pixel behält, bleibt, wie es ist.</translation>
        </message>
        <message>
            <source>Go on until nothing waits any more, with a pause after each failure</source>
            <translation>Weitermachen, bis nichts mehr wartet, mit einer Pause nach jedem Fehlschlag</translation>
        </message>
        <message>
            <source>Go on with a run that was stopped or killed</source>
            <translation>Mit einem angehaltenen oder abgebrochenen Lauf weitermachen</translation>
        </message>
        <message>
            <source>Grain</source>
            <translation>Korn</translation>
        </message>
        <message>
            <source>Grain amount</source>
            <translation>Kornmenge</translation>
        </message>
        <message>
            <source>Grain size</source>
            <translation>Korngröße</translation>
        </message>
        <message>
            <source>Green</source>
            <translation>Grün</translation>
        </message>
        <message>
            <source>Greyscale</source>
            <translation>Graustufen</translation>
        </message>
        <message>
            <source>Group</source>
            <translation>Gruppe</translation>
        </message>
        <message>
            <source>Grows until the whole is square; nothing of the picture is cut.</source>
            <translation>Wächst, bis das Ganze quadratisch ist; vom Bild wird nichts abgeschnitten.</translation>
        </message>
        <message>
            <source>HELD BACK: {sentence}</source>
            <translation>ZURÜCKGEHALTEN: {sentence}</translation>
        </message>
        <message>
            <source>Hairlines outside the picture where it is cut.</source>
            <translation>Haarlinien außerhalb des Bildes, wo geschnitten wird.</translation>
        </message>
        <message>
            <source>Half the width (4:2:2)</source>
            <translation>Halbe Breite (4:2:2)</translation>
        </message>
        <message>
            <source>Halo</source>
            <translation>Hof</translation>
        </message>
        <message>
            <source>Halo, then plate, then strength</source>
            <translation>Hof, dann Schild, dann Stärke</translation>
        </message>
        <message>
            <source>Halo, then strength, then plate</source>
            <translation>Hof, dann Stärke, dann Schild</translation>
        </message>
        <message>
            <source>Hard light</source>
            <translation>Hartes Licht</translation>
        </message>
        <message>
            <source>Has to be "these copies tell where the pictures were taken" for location to be kept.</source>
            <translation>Muss „these copies tell where the pictures were taken“ lauten, damit der Aufnahmeort bleibt.</translation>
        </message>
        <message>
            <source>Headline</source>
            <translation>Überschrift</translation>
        </message>
        <message>
            <source>Heavier at the bottom</source>
            <translation>Unten schwerer</translation>
        </message>
        <message>
            <source>Heavy foot</source>
            <translation>Schwerer Fuß</translation>
        </message>
        <message>
            <source>Height</source>
            <translation>Höhe</translation>
        </message>
        <message>
            <source>Held copies, and those that wait for their next try, are due now</source>
            <translation>Festgehaltene Kopien und solche, die auf den nächsten Versuch warten, sind jetzt fällig</translation>
        </message>
        <message>
            <source>Helped by</source>
            <translation>Dabei helfen</translation>
        </message>
        <message numerus="yes">
            <source>Here already: {n} runs.</source>
            <translation>
                <numerusform>Schon hier: {n} Lauf.</numerusform>
                <numerusform>Schon hier: {n} Läufe.</numerusform>
            </translation>
        </message>
        <message>
            <source>Hidden</source>
            <translation>Verborgen</translation>
        </message>
        <message>
            <source>Higher keeps more and makes larger files.</source>
            <translation>Höher behält mehr und macht größere Dateien.</translation>
        </message>
        <message>
            <source>Higher keeps more and makes larger files; 85 to 92 is usual for screens.</source>
            <translation>Höher behält mehr und macht größere Dateien; 85 bis 92 ist für Bildschirme üblich.</translation>
        </message>
        <message>
            <source>Higher keeps more and makes larger files; 90 can hardly be told from the original.</source>
            <translation>Höher behält mehr und macht größere Dateien; 90 ist kaum vom Original zu unterscheiden.</translation>
        </message>
        <message>
            <source>Higher keeps more and makes larger files; its numbers are not those of JPEG.</source>
            <translation>Höher behält mehr und macht größere Dateien; die Zahlen sind nicht die von JPEG.</translation>
        </message>
        <message>
            <source>Higher takes longer and makes smaller files.</source>
            <translation>Höher dauert länger und macht kleinere Dateien.</translation>
        </message>
        <message>
            <source>Hold a folder, a drive or an album against what was made: untouched, changed, missing, foreign</source>
            <translation>Einen Ordner, ein Laufwerk oder ein Album mit dem vergleichen, was gemacht wurde: unberührt, geändert, fehlend, fremd</translation>
        </message>
        <message>
            <source>Hold back what is worth a look; files that are no pictures fail the command</source>
            <translation>Zurückhalten, was anzusehen ist; Dateien, die keine Bilder sind, lassen den Befehl scheitern</translation>
        </message>
        <message>
            <source>Hold unreadable ones back</source>
            <translation>Unlesbare zurückhalten</translation>
        </message>
        <message>
            <source>House mark</source>
            <translation>Hausmarke</translation>
        </message>
        <message>
            <source>How dark it is at the very edge.</source>
            <translation>Wie dunkel er ganz am Rand ist.</translation>
        </message>
        <message>
            <source>How far it fades.</source>
            <translation>Wie weit er ausläuft.</translation>
        </message>
        <message>
            <source>How far it falls.</source>
            <translation>Wie weit er fällt.</translation>
        </message>
        <message>
            <source>How far it reaches at full strength.</source>
            <translation>Wie weit er in voller Stärke reicht.</translation>
        </message>
        <message>
            <source>How far its edge fades.</source>
            <translation>Wie weit sein Rand ausläuft.</translation>
        </message>
        <message>
            <source>How far on the way.</source>
            <translation>Wie weit auf dem Weg.</translation>
        </message>
        <message>
            <source>How far this corner is moved, for a single seal that lies on a surface of the picture.</source>
            <translation>Wie weit diese Ecke verschoben ist, für ein einzelnes Siegel, das auf einer Fläche des Bildes liegt.</translation>
        </message>
        <message>
            <source>How heavy the letters are; the nearest there is.</source>
            <translation>Wie fett die Buchstaben sind; das Nächste, was es gibt.</translation>
        </message>
        <message>
            <source>How heavy the letters are; the nearest there is. (Of the seal's first text.)</source>
            <translation>Wie fett die Buchstaben sind; das Nächste, was es gibt. (Vom ersten Text des Siegels.)</translation>
        </message>
        <message>
            <source>How heavy the strokes are; the nearest the typeface has.</source>
            <translation>Wie kräftig die Striche sind; das Nächste, was die Schrift hat.</translation>
        </message>
        <message>
            <source>How it is known</source>
            <translation>Woran es erkannt wird</translation>
        </message>
        <message>
            <source>How lines of different length stand to each other.</source>
            <translation>Wie Zeilen verschiedener Länge zueinander stehen.</translation>
        </message>
        <message>
            <source>How many pixels the longer side gets.</source>
            <translation>Wie viele Pixel die längere Seite bekommt.</translation>
        </message>
        <message>
            <source>How many pixels the shorter side gets.</source>
            <translation>Wie viele Pixel die kürzere Seite bekommt.</translation>
        </message>
        <message>
            <source>How much of the difference to the blurred picture is added.</source>
            <translation>Wie viel vom Unterschied zum unscharfen Bild dazukommt.</translation>
        </message>
        <message>
            <source>How much of the picture's edge is cut off after printing, all around: the page's trim box lies so far inside.</source>
            <translation>Wie viel vom Bildrand nach dem Druck abgeschnitten wird, ringsum: So weit innen liegt die Endformatbox der Seite.</translation>
        </message>
        <message>
            <source>How much of what gets brighter is kept: less of it is crisp and not crunchy.</source>
            <translation>Wie viel von dem bleibt, was heller wird: Weniger davon ist knackig und nicht körnig.</translation>
        </message>
        <message>
            <source>How much of what gets darker is kept.</source>
            <translation>Wie viel von dem bleibt, was dunkler wird.</translation>
        </message>
        <message>
            <source>How near to it</source>
            <translation>Wie nahe daran</translation>
        </message>
        <message>
            <source>How new pixels are made from those there are.</source>
            <translation>Wie neue Pixel aus den vorhandenen entstehen.</translation>
        </message>
        <message>
            <source>How the copy is saved.</source>
            <translation>Wie die Kopie gespeichert wird.</translation>
        </message>
        <message>
            <source>How the picture came to be.</source>
            <translation>Wie das Bild entstand.</translation>
        </message>
        <message>
            <source>How the picture may be used, in words.</source>
            <translation>Wie das Bild genutzt werden darf, in Worten.</translation>
        </message>
        <message>
            <source>How the seal's colours and the picture's make the result.</source>
            <translation>Wie die Farben von Siegel und Bild das Ergebnis machen.</translation>
        </message>
        <message>
            <source>How thick the line is; 0 fills boxes and rings.</source>
            <translation>Wie dick die Linie ist; 0 füllt Kästen und Ringe.</translation>
        </message>
        <message>
            <source>How wide it is, in what it is measured in.</source>
            <translation>Wie breit er ist, in seinem Maß.</translation>
        </message>
        <message>
            <source>How wide the slopes are.</source>
            <translation>Wie breit die Schrägen sind.</translation>
        </message>
        <message>
            <source>ICC profile</source>
            <translation>ICC-Profil</translation>
        </message>
        <message>
            <source>ICC's rendering intents. Relative keeps all colours that fit.</source>
            <translation>Die Wiedergabeziele von ICC. „Relativ“ behält alle Farben, die passen.</translation>
        </message>
        <message>
            <source>IIM: a dataset that makes no sense</source>
            <translation>IIM: ein Datensatz, der keinen Sinn ergibt</translation>
        </message>
        <message>
            <source>Id</source>
            <translation>Kennung</translation>
        </message>
        <message>
            <source>If needed</source>
            <translation>Wenn nötig</translation>
        </message>
        <message>
            <source>If the name is taken</source>
            <translation>Wenn der Name vergeben ist</translation>
        </message>
        <message>
            <source>If the name is taken there</source>
            <translation>Wenn der Name dort vergeben ist</translation>
        </message>
        <message>
            <source>In a strip</source>
            <translation>In einem Streifen</translation>
        </message>
        <message numerus="yes">
            <source>In letters to be looked at: {n} copies of these. To see them: keep-seal-cli outbox letters</source>
            <translation>
                <numerusform>In Briefen, die anzusehen sind: {n} davon. Um sie zu sehen: keep-seal-cli outbox letters</numerusform>
                <numerusform>In Briefen, die anzusehen sind: {n} davon. Um sie zu sehen: keep-seal-cli outbox letters</numerusform>
            </translation>
        </message>
        <message>
            <source>In linear light</source>
            <translation>In linearem Licht</translation>
        </message>
        <message>
            <source>In names and folders also:</source>
            <translation>In Namen und Ordnern außerdem:</translation>
        </message>
        <message>
            <source>In one colour</source>
            <translation>In einer Farbe</translation>
        </message>
        <message>
            <source>In pixels of the copy.</source>
            <translation>In Pixeln der Kopie.</translation>
        </message>
        <message>
            <source>In pixels.</source>
            <translation>In Pixeln.</translation>
        </message>
        <message>
            <source>In seals, captions and rights sheets:</source>
            <translation>In Siegeln, Bildunterschriften und Rechteblättern:</translation>
        </message>
        <message>
            <source>In several lines</source>
            <translation>In mehreren Zeilen</translation>
        </message>
        <message numerus="yes">
            <source>In the outbox: {n} copies more. To send them: {command}</source>
            <translation>
                <numerusform>Im Ausgang: {n} Kopie mehr. Um sie zu senden: {command}</numerusform>
                <numerusform>Im Ausgang: {n} Kopien mehr. Um sie zu senden: {command}</numerusform>
            </translation>
        </message>
        <message>
            <source>In the picture's own tone</source>
            <translation>Im eigenen Ton des Bildes</translation>
        </message>
        <message>
            <source>In what it is measured in.</source>
            <translation>In seinem Maß.</translation>
        </message>
        <message numerus="yes">
            <source>In {plain} of {n} pictures the seal is on plain ground; it is hard to read in {hard}.</source>
            <translation>
                <numerusform>Auf {plain} von {n} Bild steht das Siegel auf glattem Grund; auf {hard} ist es schlecht lesbar.</numerusform>
                <numerusform>Auf {plain} von {n} Bildern steht das Siegel auf glattem Grund; auf {hard} ist es schlecht lesbar.</numerusform>
            </translation>
        </message>
        <message>
            <source>Ink</source>
            <translation>Farbe</translation>
        </message>
        <message>
            <source>Inner shadow</source>
            <translation>Innerer Schatten</translation>
        </message>
        <message>
            <source>Inside a box</source>
            <translation>In einen Kasten</translation>
        </message>
        <message>
            <source>Install Keep Seal again</source>
            <translation>Installieren Sie Keep Seal neu</translation>
        </message>
        <message>
            <source>Install Keep Seal again, or set KEEPSEAL_ASSETS to its assets folder</source>
            <translation>Installieren Sie Keep Seal neu oder setzen Sie KEEPSEAL_ASSETS auf seinen Ordner assets</translation>
        </message>
        <message>
            <source>Install Keep Seal again: it reads no picture without it</source>
            <translation>Installieren Sie Keep Seal neu: Ohne ihn liest es kein Bild</translation>
        </message>
        <message>
            <source>Instead of a corner, edge or middle.</source>
            <translation>Statt an Ecke, Rand oder Mitte.</translation>
        </message>
        <message>
            <source>Instead of the whole seal each time.</source>
            <translation>Statt jedes Mal das ganze Siegel.</translation>
        </message>
        <message>
            <source>Instead: a seal file, or a seal of the library</source>
            <translation>Stattdessen: eine Siegeldatei oder ein Siegel der Bibliothek</translation>
        </message>
        <message>
            <source>Instructions</source>
            <translation>Anweisungen</translation>
        </message>
        <message>
            <source>Into a folder, keeping the originals' folders</source>
            <translation>In einen Ordner, mit den Ordnern der Originale</translation>
        </message>
        <message>
            <source>Into a new folder beside each original</source>
            <translation>In einen neuen Ordner neben jedem Original</translation>
        </message>
        <message>
            <source>Into one folder</source>
            <translation>In einen Ordner</translation>
        </message>
        <message>
            <source>It fares worst {how}: contrast {contrast} : 1, {left} of 100 of what was asked.</source>
            <translation>Am schlechtesten steht es {how}: Kontrast {contrast} : 1, {left} von 100 dessen, was verlangt war.</translation>
        </message>
        <message>
            <source>It had {deliveries}</source>
            <translation>Er hatte {deliveries}</translation>
        </message>
        <message>
            <source>It is in the desktop's secret store.</source>
            <translation>Es liegt im Passwortspeicher des Desktops.</translation>
        </message>
        <message>
            <source>It is never written into a delivery, a job or a ledger.</source>
            <translation>Es wird nie in eine Lieferung, einen Auftrag oder ein Protokoll geschrieben.</translation>
        </message>
        <message>
            <source>It lies</source>
            <translation>Er liegt</translation>
        </message>
        <message>
            <source>It sends what waits here as well</source>
            <translation>Es sendet auch, was hier wartet</translation>
        </message>
        <message>
            <source>It tells a place: {place}.</source>
            <translation>Verrät einen Ort: {place}.</translation>
        </message>
        <message>
            <source>It tells no place, and nothing but rights.</source>
            <translation>Verrät keinen Ort und nichts als Rechte.</translation>
        </message>
        <message>
            <source>It tells no place, and nothing of anybody.</source>
            <translation>Verrät keinen Ort und nichts über irgendwen.</translation>
        </message>
        <message>
            <source>It tells no place. It tells: {kinds}.</source>
            <translation>Verrät keinen Ort. Verrät: {kinds}.</translation>
        </message>
        <message>
            <source>It was made again from the ledgers ({copies} copies); the damaged one lies beside it</source>
            <translation>Es wurde aus den Protokollen neu gemacht ({copies} Kopien); das beschädigte liegt daneben</translation>
        </message>
        <message>
            <source>Italic</source>
            <translation>Kursiv</translation>
        </message>
        <message>
            <source>Its SHA-256</source>
            <translation>Sein SHA-256</translation>
        </message>
        <message>
            <source>Its colour in the dark version.</source>
            <translation>Seine Farbe in der dunklen Fassung.</translation>
        </message>
        <message>
            <source>Its colour in the light version.</source>
            <translation>Seine Farbe in der hellen Fassung.</translation>
        </message>
        <message>
            <source>Its colour in the light version. (Of the seal's first text.)</source>
            <translation>Seine Farbe in der hellen Fassung. (Vom ersten Text des Siegels.)</translation>
        </message>
        <message>
            <source>Its dark version</source>
            <translation>Seine dunkle Fassung</translation>
        </message>
        <message>
            <source>Its delivery opened the place in words</source>
            <translation>Ihre Lieferung ließ den Ort in Worten zu</translation>
        </message>
        <message>
            <source>Its journal (default: the newest)</source>
            <translation>Sein Journal (sonst das neueste)</translation>
        </message>
        <message>
            <source>Its key</source>
            <translation>Sein Schlüssel</translation>
        </message>
        <message>
            <source>Its middle, where the parts of its group are placed freely.</source>
            <translation>Seine Mitte, wo die Teile seiner Gruppe frei stehen.</translation>
        </message>
        <message>
            <source>Its most frequent colour</source>
            <translation>Seine häufigste Farbe</translation>
        </message>
        <message>
            <source>Its name or key</source>
            <translation>Sein Name oder Schlüssel</translation>
        </message>
        <message>
            <source>Its name, as in pictures.example.org; with another port, pictures.example.org:2022; for WebDAV with the folder that it begins at, cloud.example.org/dav/anna; for letters the one that takes them from you (port 587, or :465).</source>
            <translation>Sein Name, wie pictures.example.org; mit anderem Port pictures.example.org:2022; für WebDAV mit dem Ordner, bei dem es beginnt, cloud.example.org/dav/anna; für Briefe der, der sie von Ihnen annimmt (Port 587 oder :465).</translation>
        </message>
        <message>
            <source>Its own ratio</source>
            <translation>Sein eigenes Verhältnis</translation>
        </message>
        <message>
            <source>Its share of their sum.</source>
            <translation>Sein Anteil an der Summe.</translation>
        </message>
        <message>
            <source>Its share of their sum: less blue darkens the sky.</source>
            <translation>Sein Anteil an der Summe: Weniger Blau macht den Himmel dunkler.</translation>
        </message>
        <message>
            <source>Its share of their sum: more red brightens skin.</source>
            <translation>Sein Anteil an der Summe: Mehr Rot macht Haut heller.</translation>
        </message>
        <message>
            <source>Its words then and now</source>
            <translation>Seine Worte damals und jetzt</translation>
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
            <translation>JPEG XL, Aufwand</translation>
        </message>
        <message>
            <source>JPEG XL quality</source>
            <translation>JPEG XL, Qualität</translation>
        </message>
        <message>
            <source>JPEG XL without loss</source>
            <translation>JPEG XL verlustfrei</translation>
        </message>
        <message>
            <source>JPEG XL: a packed box "{box}" that can't be unpacked</source>
            <translation>JPEG XL: eine gepackte Box „{box}“, die sich nicht entpacken lässt</translation>
        </message>
        <message>
            <source>JPEG quality</source>
            <translation>JPEG, Qualität</translation>
        </message>
        <message>
            <source>JPEG, full colour</source>
            <translation>JPEG, volle Farbe</translation>
        </message>
        <message>
            <source>JPEG: no marker where one should be, at byte {n}</source>
            <translation>JPEG: kein Marker, wo einer sein müsste, bei Byte {n}</translation>
        </message>
        <message>
            <source>JPEG: the file ends before the picture does</source>
            <translation>JPEG: Die Datei endet vor dem Bild</translation>
        </message>
        <message>
            <source>Job identifier</source>
            <translation>Auftragskennung</translation>
        </message>
        <message>
            <source>Join the ledgers of a saved plan's parts, and say what is missing</source>
            <translation>Die Protokolle der Teile eines gespeicherten Plans verbinden und sagen, was fehlt</translation>
        </message>
        <message>
            <source>Join what another register exported</source>
            <translation>Verbinden, was ein anderes Register ausgab</translation>
        </message>
        <message numerus="yes">
            <source>Joined: {n} runs.</source>
            <translation>
                <numerusform>Hinzugefügt: {n} Lauf.</numerusform>
                <numerusform>Hinzugefügt: {n} Läufe.</numerusform>
            </translation>
        </message>
        <message>
            <source>K/N: only the K-th of N parts of it, safely beside the others; again after a kill, it goes on where it was</source>
            <translation>K/N: nur der K-te von N Teilen, sicher neben den anderen; nach einem Abbruch nochmals, und es geht weiter, wo es war</translation>
        </message>
        <message>
            <source>Keep</source>
            <translation>Behalten</translation>
        </message>
        <message>
            <source>Keep Seal reads profiles of up to 8 MB</source>
            <translation>Keep Seal liest Profile bis 8 MB</translation>
        </message>
        <message>
            <source>Keep Seal takes pictures of up to 1000 megapixels</source>
            <translation>Keep Seal nimmt Bilder bis 1000 Megapixel</translation>
        </message>
        <message numerus="yes">
            <source>Keep Seal was ended in the middle of things: the job of {n} pictures is here again as it was.</source>
            <translation>
                <numerusform>Keep Seal wurde mittendrin beendet: Der Auftrag mit {n} Bild ist wieder hier, wie er war.</numerusform>
                <numerusform>Keep Seal wurde mittendrin beendet: Der Auftrag mit {n} Bildern ist wieder hier, wie er war.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Keep Seal was ended in the middle of things: the job of {n} pictures is kept. The menu brings it back, under Job and pictures.</source>
            <translation>
                <numerusform>Keep Seal wurde mittendrin beendet: Der Auftrag mit {n} Bild ist behalten. Das Menü holt ihn zurück, unter „Auftrag und Bilder“.</numerusform>
                <numerusform>Keep Seal wurde mittendrin beendet: Der Auftrag mit {n} Bildern ist behalten. Das Menü holt ihn zurück, unter „Auftrag und Bilder“.</numerusform>
            </translation>
        </message>
        <message>
            <source>Keep its own colour</source>
            <translation>Eigene Farbe behalten</translation>
        </message>
        <message>
            <source>Keep rating and label</source>
            <translation>Bewertung und Farbmarke behalten</translation>
        </message>
        <message>
            <source>Keep the plan in this file, for 'stamp --plan'; must not exist</source>
            <translation>Den Plan in dieser Datei behalten, für „stamp --plan“; darf noch nicht bestehen</translation>
        </message>
        <message>
            <source>Keeps the logo's shape and draws it in the part's colours.</source>
            <translation>Behält die Form des Logos und zeichnet sie in den Farben des Teils.</translation>
        </message>
        <message>
            <source>Kept at the {to}: no allowed place is clearly better.</source>
            <translation>Bleibt {to}: Kein erlaubter Platz ist klar besser.</translation>
        </message>
        <message>
            <source>Kept jobs, the ledgers of all runs, the register, the outbox</source>
            <translation>Behaltene Aufträge, die Protokolle aller Läufe, das Register, der Ausgang</translation>
        </message>
        <message>
            <source>Keywords</source>
            <translation>Stichworte</translation>
        </message>
        <message>
            <source>Keywords that hold a city, region or other place that was removed.</source>
            <translation>Stichworte mit Stadt, Region oder einem anderen entfernten Ort.</translation>
        </message>
        <message>
            <source>Killed, stopped or under way: {parts}</source>
            <translation>Abgebrochen, angehalten oder unterwegs: {parts}</translation>
        </message>
        <message>
            <source>Kind</source>
            <translation>Art</translation>
        </message>
        <message>
            <source>Known again by its looks</source>
            <translation>Am Aussehen wiedererkannt</translation>
        </message>
        <message>
            <source>LZW</source>
            <translation>LZW</translation>
        </message>
        <message>
            <source>Larger than</source>
            <translation>Größer als</translation>
        </message>
        <message>
            <source>Layout</source>
            <translation>Anordnung</translation>
        </message>
        <message>
            <source>Leave as the original has it</source>
            <translation>Lassen, wie das Original es hat</translation>
        </message>
        <message>
            <source>Leave out texts that name the place</source>
            <translation>Texte auslassen, die den Ort nennen</translation>
        </message>
        <message>
            <source>Leave that picture out</source>
            <translation>Dieses Bild auslassen</translation>
        </message>
        <message>
            <source>Leave these out, or plan anew</source>
            <translation>Lassen Sie diese weg oder planen Sie neu</translation>
        </message>
        <message>
            <source>Ledger: {file}</source>
            <translation>Protokoll: {file}</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Links</translation>
        </message>
        <message>
            <source>Left and right change places.</source>
            <translation>Links und rechts tauschen.</translation>
        </message>
        <message>
            <source>Left out: {sentence}</source>
            <translation>Ausgelassen: {sentence}</translation>
        </message>
        <message>
            <source>Less</source>
            <translation>Weniger</translation>
        </message>
        <message>
            <source>Let letters be smaller, at the station Sending</source>
            <translation>Machen Sie Briefe kleiner, an der Station Versand</translation>
        </message>
        <message>
            <source>Letter</source>
            <translation>Brief</translation>
        </message>
        <message>
            <source>Letter (e-mail)</source>
            <translation>Brief (E-Mail)</translation>
        </message>
        <message>
            <source>Letter spacing</source>
            <translation>Buchstabenabstand</translation>
        </message>
        <message>
            <source>Letters</source>
            <translation>Buchstaben</translation>
        </message>
        <message>
            <source>Letters as lines only: large, and the picture shows through.</source>
            <translation>Buchstaben nur als Linien: groß, und das Bild scheint durch.</translation>
        </message>
        <message>
            <source>Letters as typed, in capitals, or in small capitals.</source>
            <translation>Buchstaben wie getippt, groß oder als Kapitälchen.</translation>
        </message>
        <message>
            <source>Letters never below</source>
            <translation>Buchstaben nie unter</translation>
        </message>
        <message>
            <source>Letters that nobody looked at yet, whole</source>
            <translation>Briefe, die noch niemand angesehen hat, ganz</translation>
        </message>
        <message>
            <source>Levels to the full range</source>
            <translation>Tonwerte auf den vollen Umfang</translation>
        </message>
        <message>
            <source>Licensor</source>
            <translation>Lizenzgeber</translation>
        </message>
        <message>
            <source>Licensor's e-mail</source>
            <translation>E-Mail des Lizenzgebers</translation>
        </message>
        <message>
            <source>Licensor's phone</source>
            <translation>Telefon des Lizenzgebers</translation>
        </message>
        <message>
            <source>Licensor's web page</source>
            <translation>Webseite des Lizenzgebers</translation>
        </message>
        <message>
            <source>Light</source>
            <translation>Hell</translation>
        </message>
        <message>
            <source>Light from</source>
            <translation>Licht von</translation>
        </message>
        <message>
            <source>Lighten</source>
            <translation>Aufhellen</translation>
        </message>
        <message>
            <source>Like bricks in a wall: 50 %.</source>
            <translation>Wie Ziegel in einer Mauer: 50 %.</translation>
        </message>
        <message>
            <source>Limit</source>
            <translation>Grenze</translation>
        </message>
        <message>
            <source>Limits to the use that no other field names.</source>
            <translation>Einschränkungen der Nutzung, die kein anderes Feld nennt.</translation>
        </message>
        <message>
            <source>Line</source>
            <translation>Linie</translation>
        </message>
        <message>
            <source>Line height</source>
            <translation>Zeilenhöhe</translation>
        </message>
        <message>
            <source>Line inside the picture</source>
            <translation>Linie im Bild</translation>
        </message>
        <message>
            <source>Line up the edge</source>
            <translation>An die Kante rücken</translation>
        </message>
        <message>
            <source>Lined up</source>
            <translation>Aufgereiht</translation>
        </message>
        <message>
            <source>Lines</source>
            <translation>Zeilen</translation>
        </message>
        <message>
            <source>Link</source>
            <translation>Link</translation>
        </message>
        <message>
            <source>Link and year</source>
            <translation>Link und Jahr</translation>
        </message>
        <message>
            <source>List every setting of a delivery</source>
            <translation>Jede Einstellung einer Lieferung zeigen</translation>
        </message>
        <message>
            <source>List untouched and foreign files too</source>
            <translation>Auch unberührte und fremde Dateien zeigen</translation>
        </message>
        <message>
            <source>Lit and shaded edges, as if pressed into the picture. With little opacity only the edges show.</source>
            <translation>Helle und dunkle Kanten, wie in das Bild gepresst. Bei geringer Deckkraft sind nur die Kanten zu sehen.</translation>
        </message>
        <message>
            <source>Location</source>
            <translation>Aufnahmeort</translation>
        </message>
        <message>
            <source>Location, in words</source>
            <translation>Aufnahmeort, in Worten</translation>
        </message>
        <message>
            <source>Locked</source>
            <translation>Gesperrt</translation>
        </message>
        <message>
            <source>Logo</source>
            <translation>Logo</translation>
        </message>
        <message>
            <source>Long side</source>
            <translation>Lange Seite</translation>
        </message>
        <message>
            <source>Long side, in pixels</source>
            <translation>Lange Seite, in Pixeln</translation>
        </message>
        <message>
            <source>Longest name</source>
            <translation>Längster Name</translation>
        </message>
        <message>
            <source>Look at that file</source>
            <translation>Sehen Sie sich die Datei an</translation>
        </message>
        <message>
            <source>Look at the colours of its proof</source>
            <translation>Sehen Sie sich die Farben der Probe an</translation>
        </message>
        <message>
            <source>Look at the file, or take it away</source>
            <translation>Sehen Sie sich die Datei an oder nehmen Sie sie weg</translation>
        </message>
        <message>
            <source>Look at the original, then stamp it again</source>
            <translation>Sehen Sie sich das Original an, dann stempeln Sie es nochmals</translation>
        </message>
        <message>
            <source>Look at the picture again</source>
            <translation>Sehen Sie sich das Bild nochmals an</translation>
        </message>
        <message>
            <source>Look into folders inside folders too</source>
            <translation>In Ordner innerhalb der Ordner auch sehen</translation>
        </message>
        <message>
            <source>Looked at</source>
            <translation>Angesehen am</translation>
        </message>
        <message>
            <source>Looks like one of the copies of the same picture, such as "{copy}", made for "{delivery}" on {day}: {percent} % of its parts agree.</source>
            <translation>Sieht aus wie eine der Kopien desselben Bildes, etwa „{copy}“, gemacht für „{delivery}“ am {day}: {percent} % der Teile stimmen überein.</translation>
        </message>
        <message>
            <source>Looks like the copy "{copy}", made for "{delivery}" on {day}: {percent} % of its parts agree, and of all copies of this picture it alone has what is seen here.</source>
            <translation>Sieht aus wie die Kopie „{copy}“, gemacht für „{delivery}“ am {day}: {percent} % der Teile stimmen überein, und von allen Kopien dieses Bildes trägt nur sie, was hier zu sehen ist.</translation>
        </message>
        <message>
            <source>Looks like the copy "{copy}", made for "{delivery}" on {day}: {percent} % of its parts agree, and of the copies that it could be held against it alone has what is seen here (the others: {count}).</source>
            <translation>Sieht aus wie die Kopie „{copy}“, gemacht für „{delivery}“ am {day}: {percent} % der Teile stimmen überein, und von den Kopien, mit denen es verglichen werden konnte, trägt nur sie, was hier zu sehen ist (die übrigen: {count}).</translation>
        </message>
        <message>
            <source>Looks like the copy "{copy}", made for "{delivery}" on {day}: {percent} % of its parts agree.</source>
            <translation>Sieht aus wie die Kopie „{copy}“, gemacht für „{delivery}“ am {day}: {percent} % der Teile stimmen überein.</translation>
        </message>
        <message>
            <source>Low and wide, for the foot of a picture.</source>
            <translation>Niedrig und breit, für den Fuß eines Bildes.</translation>
        </message>
        <message>
            <source>Lower rule</source>
            <translation>Untere Linie</translation>
        </message>
        <message>
            <source>MB</source>
            <translation>MB</translation>
        </message>
        <message>
            <source>MP</source>
            <translation>MP</translation>
        </message>
        <message>
            <source>Made for</source>
            <translation>Gemacht für</translation>
        </message>
        <message>
            <source>Made for this delivery</source>
            <translation>Für diese Lieferung gemacht</translation>
        </message>
        <message>
            <source>Made from the program's own table by `keep-seal-cli settings --markdown`.</source>
            <translation>Aus der eigenen Tabelle des Programms, wie „keep-seal-cli settings --markdown“ sie zeigt.</translation>
        </message>
        <message>
            <source>Made if need be. It may not be a folder that originals lie in.</source>
            <translation>Wird bei Bedarf angelegt. Es darf kein Ordner sein, in dem Originale liegen.</translation>
        </message>
        <message>
            <source>Made if need be; {delivery} or {year}/{month} are filled in for each picture. Empty: where the login begins.</source>
            <translation>Wird bei Bedarf angelegt; {delivery} oder {year}/{month} werden für jedes Bild eingesetzt. Leer: wo die Anmeldung beginnt.</translation>
        </message>
        <message>
            <source>Made on</source>
            <translation>Gemacht am</translation>
        </message>
        <message>
            <source>Made on that day or before</source>
            <translation>An diesem Tag oder davor gemacht</translation>
        </message>
        <message>
            <source>Made on that day or later: 2026-05-01, 2026-05 or 2026 (UTC)</source>
            <translation>An diesem Tag oder später gemacht: 2026-05-01, 2026-05 oder 2026 (UTC)</translation>
        </message>
        <message>
            <source>Made small and pressed</source>
            <translation>Verkleinert und gepresst</translation>
        </message>
        <message>
            <source>Made small and pressed hard it is lost at once: {left} of 100 is left.</source>
            <translation>Verkleinert und stark gepresst ist es sofort verloren: {left} von 100 bleiben.</translation>
        </message>
        <message>
            <source>Made small and pressed hard it is lost at once; at the smallest its letters are {letters} pixels high: {left} of 100 is left.</source>
            <translation>Verkleinert und stark gepresst ist es sofort verloren; im kleinsten sind seine Buchstaben {letters} Pixel hoch: {left} von 100 bleiben.</translation>
        </message>
        <message>
            <source>Made smaller or larger</source>
            <translation>Kleiner oder größer gerechnet</translation>
        </message>
        <message>
            <source>Made smaller, fine bright lines and lights in the dark keep their brightness. By the curve of sRGB, whatever the profile; takes longer, because a JPEG is then decoded whole.</source>
            <translation>Verkleinert behalten feine helle Linien und Lichter im Dunkeln ihre Helligkeit. Nach der Kurve von sRGB, gleich welches Profil; dauert länger, weil ein JPEG dann ganz gelesen wird.</translation>
        </message>
        <message>
            <source>Made with generative AI</source>
            <translation>Mit generativer KI gemacht</translation>
        </message>
        <message>
            <source>Make it again</source>
            <translation>Machen Sie sie nochmals</translation>
        </message>
        <message>
            <source>Make it again from the ledgers</source>
            <translation>Machen Sie es aus den Protokollen neu</translation>
        </message>
        <message>
            <source>Make it again, or take it out of the outbox</source>
            <translation>Machen Sie sie nochmals oder nehmen Sie sie aus dem Ausgang</translation>
        </message>
        <message>
            <source>Make it again; it is sent then</source>
            <translation>Machen Sie sie nochmals; dann wird sie gesendet</translation>
        </message>
        <message>
            <source>Make no copies in memory to estimate bytes</source>
            <translation>Keine Kopien im Speicher machen, um Bytes zu schätzen</translation>
        </message>
        <message>
            <source>Make one colour transparent</source>
            <translation>Eine Farbe durchsichtig machen</translation>
        </message>
        <message>
            <source>Make room in the folder there</source>
            <translation>Schaffen Sie Platz im Ordner dort</translation>
        </message>
        <message>
            <source>Make room on it</source>
            <translation>Schaffen Sie dort Platz</translation>
        </message>
        <message>
            <source>Make room on its disk, or move the file away</source>
            <translation>Schaffen Sie Platz auf dem Datenträger oder verschieben Sie die Datei</translation>
        </message>
        <message>
            <source>Make the copies</source>
            <translation>Die Kopien machen</translation>
        </message>
        <message>
            <source>Make the copies again</source>
            <translation>Machen Sie die Kopien nochmals</translation>
        </message>
        <message>
            <source>Make the copies of a saved plan, on any machine that sees the same folders</source>
            <translation>Die Kopien eines gespeicherten Plans machen, auf jeder Maschine, die dieselben Ordner sieht</translation>
        </message>
        <message>
            <source>Make the register again from the ledgers</source>
            <translation>Das Register aus den Protokollen neu machen</translation>
        </message>
        <message>
            <source>Make the seal or its distances larger</source>
            <translation>Machen Sie das Siegel oder seine Abstände größer</translation>
        </message>
        <message>
            <source>Make the seal or its margins smaller</source>
            <translation>Machen Sie das Siegel oder seine Abstände kleiner</translation>
        </message>
        <message>
            <source>Make the seal or the caption smaller, or stand it elsewhere</source>
            <translation>Machen Sie Siegel oder Bildunterschrift kleiner oder stellen Sie es anderswohin</translation>
        </message>
        <message>
            <source>Make, model, lens, exposure, flash.</source>
            <translation>Hersteller, Modell, Objektiv, Belichtung, Blitz.</translation>
        </message>
        <message>
            <source>Maker and rights</source>
            <translation>Urheber und Rechte</translation>
        </message>
        <message>
            <source>Makes sealed, rights-labelled copies of pictures. Originals are never written to; no copy tells where a picture was taken.</source>
            <translation>Macht gesiegelte Kopien von Bildern mit Ihren Rechten. In Originale wird nie geschrieben; keine Kopie verrät, wo ein Bild aufgenommen wurde.</translation>
        </message>
        <message>
            <source>Margin</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <source>Margin counted in</source>
            <translation>Abstand gemessen in</translation>
        </message>
        <message>
            <source>Margin up and down</source>
            <translation>Abstand oben und unten</translation>
        </message>
        <message>
            <source>Margins and alignment then count from what can be seen.</source>
            <translation>Abstände und Ausrichtung zählen dann von dem, was zu sehen ist.</translation>
        </message>
        <message>
            <source>Mark of Keep Seal</source>
            <translation>Zeichen von Keep Seal</translation>
        </message>
        <message>
            <source>Mat</source>
            <translation>Passepartout</translation>
        </message>
        <message>
            <source>Mat between two lines</source>
            <translation>Passepartout zwischen zwei Linien</translation>
        </message>
        <message>
            <source>Mat colour</source>
            <translation>Farbe des Passepartouts</translation>
        </message>
        <message>
            <source>May be lost</source>
            <translation>Darf verloren gehen</translation>
        </message>
        <message>
            <source>May hold tokens: {title}, {description}, {date}, {creator}, {notice} ...</source>
            <translation>Darf Platzhalter enthalten: {title}, {description}, {date}, {creator}, {notice} ...</translation>
        </message>
        <message>
            <source>Measured against</source>
            <translation>Gemessen an</translation>
        </message>
        <message>
            <source>Measured anew on each picture, or one for all. JPEG shows the colour under transparency.</source>
            <translation>Für jedes Bild neu gemessen oder eine für alle. JPEG zeigt die Farbe unter Transparenz.</translation>
        </message>
        <message>
            <source>Measured in</source>
            <translation>Gemessen in</translation>
        </message>
        <message>
            <source>Medium</source>
            <translation>Mittel</translation>
        </message>
        <message>
            <source>Megapixels</source>
            <translation>Megapixel</translation>
        </message>
        <message>
            <source>Mend that file or take it away</source>
            <translation>Bringen Sie die Datei in Ordnung oder nehmen Sie sie weg</translation>
        </message>
        <message>
            <source>Mend the address</source>
            <translation>Berichtigen Sie die Adresse</translation>
        </message>
        <message>
            <source>Mend the link</source>
            <translation>Berichtigen Sie den Link</translation>
        </message>
        <message>
            <source>Metadata for single pictures, from a CSV file</source>
            <translation>Metadaten für einzelne Bilder, aus einer CSV-Datei</translation>
        </message>
        <message>
            <source>Middle</source>
            <translation>Mitte</translation>
        </message>
        <message>
            <source>Millimetres</source>
            <translation>Millimeter</translation>
        </message>
        <message>
            <source>Millimetres count with the resolution of the fit.</source>
            <translation>Millimeter zählen mit der Auflösung des Einpassens.</translation>
        </message>
        <message>
            <source>Mirror</source>
            <translation>Spiegeln</translation>
        </message>
        <message>
            <source>Mixed from the three channels.</source>
            <translation>Gemischt aus den drei Kanälen.</translation>
        </message>
        <message>
            <source>Mixes with the picture</source>
            <translation>Mischt sich mit dem Bild</translation>
        </message>
        <message>
            <source>Mixing</source>
            <translation>Mischung</translation>
        </message>
        <message>
            <source>More</source>
            <translation>Mehr</translation>
        </message>
        <message>
            <source>Move it back, or take this picture's exception away</source>
            <translation>Rücken Sie es zurück oder nehmen Sie die Ausnahme dieses Bildes weg</translation>
        </message>
        <message>
            <source>Move it, let more help it, ask for less, or let such copies be made</source>
            <translation>Verschieben Sie es, lassen Sie mehr helfen, verlangen Sie weniger oder lassen Sie solche Kopien machen</translation>
        </message>
        <message>
            <source>Move it, or give it a halo or more strength</source>
            <translation>Verschieben Sie es oder geben Sie ihm einen Hof oder mehr Stärke</translation>
        </message>
        <message>
            <source>Move it, or make it smaller</source>
            <translation>Verschieben Sie es oder machen Sie es kleiner</translation>
        </message>
        <message>
            <source>Move only if better by</source>
            <translation>Nur wechseln, wenn besser um</translation>
        </message>
        <message>
            <source>Move that file away, if the copy is to have its name</source>
            <translation>Verschieben Sie die Datei, wenn die Kopie ihren Namen haben soll</translation>
        </message>
        <message>
            <source>Move that file away, or choose another name or folder</source>
            <translation>Verschieben Sie die Datei oder wählen Sie einen anderen Namen oder Ordner</translation>
        </message>
        <message>
            <source>Moved from the {from} to the {to}: {because} ({points} against {before} points).</source>
            <translation>Von {from} nach {to} gerückt: {because} ({points} gegen {before} Punkte).</translation>
        </message>
        <message>
            <source>Moves the whole pattern.</source>
            <translation>Verschiebt das ganze Muster.</translation>
        </message>
        <message>
            <source>Multiply</source>
            <translation>Multiplizieren</translation>
        </message>
        <message>
            <source>NUMBER</source>
            <translation>ZAHL</translation>
        </message>
        <message>
            <source>NUMBER from {least} to {most}</source>
            <translation>ZAHL von {least} bis {most}</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>Name a file that is there and can be read</source>
            <translation>Nennen Sie eine Datei, die da ist und gelesen werden kann</translation>
        </message>
        <message>
            <source>Name a file, no folder and no device</source>
            <translation>Nennen Sie eine Datei, keinen Ordner und kein Gerät</translation>
        </message>
        <message>
            <source>Name a folder to be watched</source>
            <translation>Nennen Sie einen zu beobachtenden Ordner</translation>
        </message>
        <message>
            <source>Name a path, or use --delivery or --run</source>
            <translation>Nennen Sie einen Pfad oder nehmen Sie --delivery oder --run</translation>
        </message>
        <message>
            <source>Name another folder</source>
            <translation>Nennen Sie einen anderen Ordner</translation>
        </message>
        <message>
            <source>Name it at the station Sending, or switch that off</source>
            <translation>Nennen Sie ihn an der Station Versand oder schalten Sie diese aus</translation>
        </message>
        <message>
            <source>Name it, as in --set sending.server=pictures.example.org</source>
            <translation>Nennen Sie ihn, wie in --set sending.server=pictures.example.org</translation>
        </message>
        <message>
            <source>Name one file</source>
            <translation>Nennen Sie eine Datei</translation>
        </message>
        <message>
            <source>Name others at the station Turn, crop</source>
            <translation>Nennen Sie andere an der Station Ausschnitt</translation>
        </message>
        <message>
            <source>Name over link</source>
            <translation>Name über Link</translation>
        </message>
        <message>
            <source>Name pictures, folders or a job</source>
            <translation>Nennen Sie Bilder, Ordner oder einen Auftrag</translation>
        </message>
        <message>
            <source>Name plate</source>
            <translation>Namensschild</translation>
        </message>
        <message>
            <source>Name that folder itself</source>
            <translation>Nennen Sie diesen Ordner selbst</translation>
        </message>
        <message>
            <source>Name: {is}, was {was}</source>
            <translation>Name: {is}, war {was}</translation>
        </message>
        <message>
            <source>Names or keys of the library, or files</source>
            <translation>Namen oder Schlüssel der Bibliothek oder Dateien</translation>
        </message>
        <message>
            <source>Navier-Stokes</source>
            <translation>Navier-Stokes</translation>
        </message>
        <message>
            <source>Nearly black, with a hair of white at the picture.</source>
            <translation>Fast schwarz, mit einem Haar von Weiß am Bild.</translation>
        </message>
        <message>
            <source>Needs</source>
            <translation>Braucht</translation>
        </message>
        <message>
            <source>Never enlarged</source>
            <translation>Nie vergrößert</translation>
        </message>
        <message>
            <source>Never more than</source>
            <translation>Nie mehr als</translation>
        </message>
        <message>
            <source>Next</source>
            <translation>Nächstes</translation>
        </message>
        <message>
            <source>Night mat</source>
            <translation>Nacht-Passepartout</translation>
        </message>
        <message>
            <source>No card and no camera is mounted.</source>
            <translation>Keine Karte und keine Kamera ist eingehängt.</translation>
        </message>
        <message>
            <source>No coloured fringes.</source>
            <translation>Keine farbigen Säume.</translation>
        </message>
        <message numerus="yes">
            <source>No longer where they were: {n} originals.</source>
            <translation>
                <numerusform>Nicht mehr, wo es war: {n} Original.</numerusform>
                <numerusform>Nicht mehr, wo sie waren: {n} Originale.</numerusform>
            </translation>
        </message>
        <message>
            <source>No place was found, but not all of it could be read.</source>
            <translation>Kein Ort wurde gefunden, aber nicht alles war lesbar.</translation>
        </message>
        <message>
            <source>No run was interrupted.</source>
            <translation>Kein Lauf wurde unterbrochen.</translation>
        </message>
        <message>
            <source>No seal stands on it</source>
            <translation>Kein Siegel steht darauf</translation>
        </message>
        <message>
            <source>No spaces</source>
            <translation>Keine Leerzeichen</translation>
        </message>
        <message>
            <source>None</source>
            <translation>Keine</translation>
        </message>
        <message>
            <source>Normally</source>
            <translation>Normal</translation>
        </message>
        <message>
            <source>Not allowed</source>
            <translation>Nicht erlaubt</translation>
        </message>
        <message>
            <source>Not allowed, see Other Constraints</source>
            <translation>Nicht erlaubt, siehe „Weitere Einschränkungen“</translation>
        </message>
        <message>
            <source>Not among the originals: {counts}</source>
            <translation>Nicht unter den Originalen: {counts}</translation>
        </message>
        <message>
            <source>Not below quality</source>
            <translation>Nicht unter Qualität</translation>
        </message>
        <message>
            <source>Not for search engines</source>
            <translation>Nicht für Suchmaschinen</translation>
        </message>
        <message>
            <source>Not for training of AI or machine learning</source>
            <translation>Nicht zum Training von KI oder maschinellem Lernen</translation>
        </message>
        <message>
            <source>Not for training of generative AI</source>
            <translation>Nicht zum Training generativer KI</translation>
        </message>
        <message numerus="yes">
            <source>Not read: {n} lines, the first: %1</source>
            <translation>
                <numerusform>Nicht gelesen: {n} Zeile, die erste: %1</numerusform>
                <numerusform>Nicht gelesen: {n} Zeilen, die erste: %1</numerusform>
            </translation>
        </message>
        <message>
            <source>Not searched: {part}</source>
            <translation>Nicht durchsucht: {part}</translation>
        </message>
        <message>
            <source>Not tried: it takes at least {fewest} pictures of one shape with the same version of the seal.</source>
            <translation>Nicht versucht: Es braucht mindestens {fewest} Bilder einer Form mit derselben Fassung des Siegels.</translation>
        </message>
        <message>
            <source>Notes or tags</source>
            <translation>Notizen oder Schlagworte</translation>
        </message>
        <message>
            <source>Nothing</source>
            <translation>Nichts</translation>
        </message>
        <message>
            <source>Nothing is said</source>
            <translation>Nichts wird gesagt</translation>
        </message>
        <message>
            <source>Nothing like it has left, as far as this register knows (pictures held against: {count}).</source>
            <translation>Nichts Ähnliches ist hinausgegangen, soweit dieses Register weiß (verglichen mit so vielen Bildern: {count}).</translation>
        </message>
        <message>
            <source>Nothing will be replaced</source>
            <translation>Nichts wird ersetzt</translation>
        </message>
        <message>
            <source>Nothing: transparent where the format can.</source>
            <translation>Nichts: durchsichtig, wo das Format es kann.</translation>
        </message>
        <message>
            <source>Notice</source>
            <translation>Hinweis</translation>
        </message>
        <message>
            <source>Notice by year and maker</source>
            <translation>Vermerk mit Jahr und Urheber</translation>
        </message>
        <message>
            <source>Number the copy</source>
            <translation>Kopie nummerieren</translation>
        </message>
        <message>
            <source>Number the new copy</source>
            <translation>Neue Kopie nummerieren</translation>
        </message>
        <message>
            <source>Numbers begin at</source>
            <translation>Nummern beginnen bei</translation>
        </message>
        <message>
            <source>Numbers, links and codes that are a place are taken out of the words that stay; what was cut is said.</source>
            <translation>Zahlen, Links und Codes, die ein Ort sind, werden aus den Worten genommen, die bleiben; was wegfiel, wird gesagt.</translation>
        </message>
        <message>
            <source>OPTIONS</source>
            <translation>OPTIONEN</translation>
        </message>
        <message>
            <source>Of 100. The place set above is kept unless another one is this much better.</source>
            <translation>Von 100. Der oben gesetzte Platz bleibt, wenn kein anderer um so viel besser ist.</translation>
        </message>
        <message>
            <source>Of a camera raw</source>
            <translation>Von einer Rohdatei</translation>
        </message>
        <message>
            <source>Of a file with several</source>
            <translation>Von einer Datei mit mehreren</translation>
        </message>
        <message>
            <source>Of an album: asks search engines to pass by</source>
            <translation>Beim Album: bittet Suchmaschinen, vorbeizugehen</translation>
        </message>
        <message>
            <source>Of an album: the copies can be downloaded</source>
            <translation>Beim Album: Die Kopien können heruntergeladen werden</translation>
        </message>
        <message>
            <source>Of an album: what stands under its title</source>
            <translation>Beim Album: was unter dem Titel steht</translation>
        </message>
        <message>
            <source>Of any size</source>
            <translation>Jeder Größe</translation>
        </message>
        <message>
            <source>Of its corners.</source>
            <translation>Seiner Ecken.</translation>
        </message>
        <message>
            <source>Of light and shade.</source>
            <translation>Von Licht und Schatten.</translation>
        </message>
        <message>
            <source>Of one letter as it is sent; many servers refuse more than 20. Copies that are more go in several letters.</source>
            <translation>Eines Briefs, wie er gesendet wird; viele Server lehnen mehr als 20 ab. Kopien, die mehr sind, gehen in mehreren Briefen.</translation>
        </message>
        <message>
            <source>Of proof sheets</source>
            <translation>Bei Probebögen</translation>
        </message>
        <message>
            <source>Of the JPEG inside; printers ask for 90 and more.</source>
            <translation>Des JPEGs darin; Druckereien verlangen 90 und mehr.</translation>
        </message>
        <message>
            <source>Of the blur, in pixels of the copy: 0.5 to 0.8 suits screens, 1 to 2 print.</source>
            <translation>Der Unschärfe, in Pixeln der Kopie: 0,5 bis 0,8 passt für Bildschirme, 1 bis 2 für Druck.</translation>
        </message>
        <message>
            <source>Of the corners of a rounded box: 100 % makes half circles.</source>
            <translation>Der Ecken eines runden Kastens: 100 % macht Halbkreise.</translation>
        </message>
        <message>
            <source>Of the halo. If needed: what it begins with, a little less to all of it.</source>
            <translation>Des Hofs. Wenn nötig: womit er beginnt, von etwas weniger bis ganz.</translation>
        </message>
        <message>
            <source>Of the middle tones; black and white stay.</source>
            <translation>Der mittleren Töne; Schwarz und Weiß bleiben.</translation>
        </message>
        <message>
            <source>Of the paper.</source>
            <translation>Des Papiers.</translation>
        </message>
        <message>
            <source>Of the picture as cropped.</source>
            <translation>Des zugeschnittenen Bildes.</translation>
        </message>
        <message>
            <source>Of the picture's own size.</source>
            <translation>Der eigenen Größe des Bildes.</translation>
        </message>
        <message>
            <source>Of the picture's own width and height.</source>
            <translation>Der eigenen Breite und Höhe des Bildes.</translation>
        </message>
        <message>
            <source>Of the picture's width and of its height.</source>
            <translation>Der Breite und der Höhe des Bildes.</translation>
        </message>
        <message>
            <source>Of the pixels, at each end.</source>
            <translation>Der Pixel, an jedem Ende.</translation>
        </message>
        <message>
            <source>Of the plate.</source>
            <translation>Des Schilds.</translation>
        </message>
        <message>
            <source>Of the shadow.</source>
            <translation>Des Schattens.</translation>
        </message>
        <message>
            <source>Of the strip behind the dark version.</source>
            <translation>Des Streifens hinter der dunklen Fassung.</translation>
        </message>
        <message>
            <source>Of the strip behind the light version.</source>
            <translation>Des Streifens hinter der hellen Fassung.</translation>
        </message>
        <message>
            <source>Of the strip.</source>
            <translation>Des Streifens.</translation>
        </message>
        <message>
            <source>Of the studio.</source>
            <translation>Des Studios.</translation>
        </message>
        <message>
            <source>Of the studio: it stays when the picture's place goes.</source>
            <translation>Des Studios: Es bleibt, wenn der Ort des Bildes geht.</translation>
        </message>
        <message>
            <source>Of the type size, between letters.</source>
            <translation>Der Schriftgröße, zwischen Buchstaben.</translation>
        </message>
        <message>
            <source>Of the whole name; the ending is always small.</source>
            <translation>Des ganzen Namens; die Endung ist immer klein.</translation>
        </message>
        <message>
            <source>Of this part alone; the seal's own opacity comes on top.</source>
            <translation>Nur dieses Teils; die Deckkraft des Siegels kommt dazu.</translation>
        </message>
        <message>
            <source>Off</source>
            <translation>Aus</translation>
        </message>
        <message>
            <source>Off leaves every copy at its original's full size.</source>
            <translation>Aus lässt jede Kopie in der vollen Größe des Originals.</translation>
        </message>
        <message>
            <source>Off leaves the picture as it is.</source>
            <translation>Aus lässt das Bild, wie es ist.</translation>
        </message>
        <message>
            <source>Off states the original's own. It changes no pixel.</source>
            <translation>Aus nennt die des Originals. Es ändert kein Pixel.</translation>
        </message>
        <message>
            <source>On square pictures</source>
            <translation>Auf quadratischen Bildern</translation>
        </message>
        <message>
            <source>On tall pictures</source>
            <translation>Auf hohen Bildern</translation>
        </message>
        <message>
            <source>On the paper</source>
            <translation>Auf dem Papier</translation>
        </message>
        <message>
            <source>On wide pictures</source>
            <translation>Auf queren Bildern</translation>
        </message>
        <message>
            <source>Once</source>
            <translation>Einmal</translation>
        </message>
        <message>
            <source>Once, in a band across the picture, or repeated all over it.</source>
            <translation>Einmal, in einem Band über das Bild oder überall wiederholt.</translation>
        </message>
        <message numerus="yes">
            <source>One folder of plain pages with {n} pictures, to put on a server or to open from the disk. It is made of the finished copies, with their seal and their rights, and of nothing else.</source>
            <translation>
                <numerusform>Ein Ordner einfacher Seiten mit {n} Bild, für einen Server oder zum Öffnen vom Datenträger. Er besteht aus den fertigen Kopien mit ihrem Siegel und ihren Rechten und aus nichts sonst.</numerusform>
                <numerusform>Ein Ordner einfacher Seiten mit {n} Bildern, für einen Server oder zum Öffnen vom Datenträger. Er besteht aus den fertigen Kopien mit ihrem Siegel und ihren Rechten und aus nichts sonst.</numerusform>
            </translation>
        </message>
        <message>
            <source>One ledger for each run: originals with their fingerprints before and after, copies, notes. While a run goes on, its journal.</source>
            <translation>Ein Protokoll für jeden Lauf: Originale mit ihren Fingerabdrücken davor und danach, Kopien, Hinweise. Während ein Lauf dauert, sein Journal.</translation>
        </message>
        <message>
            <source>One line on the picture, one at the outer edge.</source>
            <translation>Eine Linie am Bild, eine am äußeren Rand.</translation>
        </message>
        <message>
            <source>One margin to the sides, another up and down.</source>
            <translation>Ein Abstand zu den Seiten, ein anderer nach oben und unten.</translation>
        </message>
        <message>
            <source>One of 1, 2, 4, 9</source>
            <translation>Eines von 1, 2, 4, 9</translation>
        </message>
        <message>
            <source>One of studio, creator, link, contact, emblem, emblem_dark, then = and the words</source>
            <translation>Eines von studio, creator, link, contact, emblem, emblem_dark, dann = und die Worte</translation>
        </message>
        <message>
            <source>One of {all}</source>
            <translation>Eines von {all}</translation>
        </message>
        <message>
            <source>One page at its size on paper, for printers; 8 bits, no transparency.</source>
            <translation>Eine Seite in ihrer Größe auf Papier, für Drucker; 8 Bit, keine Transparenz.</translation>
        </message>
        <message>
            <source>One part at a time, in turn</source>
            <translation>Ein Teil nach dem anderen, im Wechsel</translation>
        </message>
        <message>
            <source>One small line along the right edge, read upwards: out of the picture's way.</source>
            <translation>Eine kleine Zeile an der rechten Kante, nach oben gelesen: dem Bild aus dem Weg.</translation>
        </message>
        <message>
            <source>One that comes with Keep Seal, or one you added.</source>
            <translation>Eine, die mit Keep Seal kommt, oder eine, die Sie hinzufügten.</translation>
        </message>
        <message>
            <source>Only brighter and darker.</source>
            <translation>Nur heller und dunkler.</translation>
        </message>
        <message>
            <source>Only brightness</source>
            <translation>Nur Helligkeit</translation>
        </message>
        <message>
            <source>Only copies that Keep Seal itself made, unchanged since, are ever replaced.</source>
            <translation>Nur Kopien, die Keep Seal selbst machte und die seitdem unverändert sind, werden je ersetzt.</translation>
        </message>
        <message>
            <source>Only files that this outbox put there itself are ever replaced.</source>
            <translation>Nur Dateien, die dieser Ausgang selbst dort hinlegte, werden je ersetzt.</translation>
        </message>
        <message>
            <source>Only for search engines to find it</source>
            <translation>Nur damit Suchmaschinen es finden</translation>
        </message>
        <message>
            <source>Only light and shade, as if pressed into the picture.</source>
            <translation>Nur Licht und Schatten, wie in das Bild gepresst.</translation>
        </message>
        <message>
            <source>Only list interrupted runs</source>
            <translation>Unterbrochene Läufe nur aufzählen</translation>
        </message>
        <message>
            <source>Only lists can be added to: choose "fill" or "replace"</source>
            <translation>Nur Listen kann hinzugefügt werden: Wählen Sie „füllen“ oder „ersetzen“</translation>
        </message>
        <message>
            <source>Only on sharp places</source>
            <translation>Nur an scharfen Stellen</translation>
        </message>
        <message>
            <source>Only pictures</source>
            <translation>Nur Bilder</translation>
        </message>
        <message>
            <source>Only shapes</source>
            <translation>Nur Formen</translation>
        </message>
        <message>
            <source>Only the address, small: for pictures that are to be found again.</source>
            <translation>Nur die Adresse, klein: für Bilder, die wiedergefunden werden sollen.</translation>
        </message>
        <message>
            <source>Only the copies of this delivery of the run</source>
            <translation>Nur die Kopien dieser Lieferung des Laufs</translation>
        </message>
        <message>
            <source>Only the first {few} of {all}.</source>
            <translation>Nur die ersten {few} von {all}.</translation>
        </message>
        <message>
            <source>Opacity</source>
            <translation>Deckkraft</translation>
        </message>
        <message>
            <source>Open it in the program it came from and save it again, or leave it out</source>
            <translation>Öffnen Sie sie in dem Programm, aus dem sie kam, und speichern Sie sie neu, oder lassen Sie sie aus</translation>
        </message>
        <message>
            <source>Open no picture: names and places, no sizes and warnings</source>
            <translation>Kein Bild öffnen: Namen und Orte, keine Größen und Hinweise</translation>
        </message>
        <message>
            <source>Open this delivery; may be given several times</source>
            <translation>Öffnet diese Lieferung; mehrere sind möglich</translation>
        </message>
        <message>
            <source>Open this job, in a window of its own</source>
            <translation>Öffnet diesen Auftrag, in einem eigenen Fenster</translation>
        </message>
        <message>
            <source>Opens the window with these pictures, folders, jobs and deliveries. Where a window is open already they go to that one. Seals, borders, rights and sizes are designed once and seen on every picture as the copy it will become; one button makes all copies. Originals are opened for reading only.</source>
            <translation>Öffnet das Fenster mit diesen Bildern, Ordnern, Aufträgen und Lieferungen. Ist schon ein Fenster offen, so gehen sie dorthin. Siegel, Rahmen, Rechte und Größen werden einmal gestaltet und sind auf jedem Bild als die Kopie zu sehen, die es wird; ein Knopf macht alle Kopien. Originale werden nur zum Lesen geöffnet.</translation>
        </message>
        <message>
            <source>Optimised</source>
            <translation>Optimiert</translation>
        </message>
        <message>
            <source>Options</source>
            <translation>Optionen</translation>
        </message>
        <message>
            <source>Order of the pictures, in which {number} counts</source>
            <translation>Reihenfolge der Bilder, in der {number} zählt</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>Original</translation>
        </message>
        <message>
            <source>Originals are opened for reading only and fingerprinted before and after the run. Each copy is written under a name of its own, read back and searched, and only then given its final name. A copy that would lack something its delivery promises is held back and says why. Nothing is replaced but, where a delivery says so, an earlier copy of Keep Seal's own of the same picture, unchanged since.</source>
            <translation>Originale werden nur zum Lesen geöffnet; vor und nach dem Lauf wird ihr Fingerabdruck genommen. Jede Kopie wird unter einem eigenen Namen geschrieben, wieder gelesen und durchsucht und bekommt erst dann ihren endgültigen Namen. Eine Kopie, der etwas fehlen würde, was ihre Lieferung verspricht, wird zurückgehalten und sagt, warum. Ersetzt wird nichts als, wo eine Lieferung das will, eine frühere, seither unveränderte Kopie desselben Bildes, die Keep Seal selbst gemacht hat.</translation>
        </message>
        <message>
            <source>Originals read again: {same} of {read} byte for byte as before.</source>
            <translation>Originale nochmals gelesen: {same} von {read} Byte für Byte wie zuvor.</translation>
        </message>
        <message>
            <source>Originals, copies, or folders they lie below</source>
            <translation>Originale, Kopien oder Ordner, unter denen sie liegen</translation>
        </message>
        <message>
            <source>Other Constraints</source>
            <translation>Weitere Einschränkungen</translation>
        </message>
        <message>
            <source>Outline</source>
            <translation>Umriss</translation>
        </message>
        <message>
            <source>Outline only</source>
            <translation>Nur Umriss</translation>
        </message>
        <message>
            <source>Outlined name</source>
            <translation>Name als Umriss</translation>
        </message>
        <message>
            <source>Over its edge</source>
            <translation>Über seinem Rand</translation>
        </message>
        <message>
            <source>Overlay</source>
            <translation>Ineinanderkopieren</translation>
        </message>
        <message>
            <source>PDF</source>
            <translation>PDF</translation>
        </message>
        <message>
            <source>PDF picture quality</source>
            <translation>PDF, Bildqualität</translation>
        </message>
        <message>
            <source>PLACE TOLD</source>
            <translation>ORT GENANNT</translation>
        </message>
        <message>
            <source>PNG</source>
            <translation>PNG</translation>
        </message>
        <message>
            <source>PNG compression</source>
            <translation>PNG, Kompression</translation>
        </message>
        <message>
            <source>PNG: the chunk {type} is cut off</source>
            <translation>PNG: Der Chunk {type} ist abgeschnitten</translation>
        </message>
        <message>
            <source>Padded to it</source>
            <translation>Darauf aufgefüllt</translation>
        </message>
        <message>
            <source>Padded with</source>
            <translation>Aufgefüllt mit</translation>
        </message>
        <message>
            <source>Padding colour</source>
            <translation>Füllfarbe</translation>
        </message>
        <message>
            <source>Page of a PDF</source>
            <translation>Seite eines PDF</translation>
        </message>
        <message>
            <source>Page, 1200 on the long side</source>
            <translation>Seite, 1200 an der langen Seite</translation>
        </message>
        <message>
            <source>Page, 2048 on the long side</source>
            <translation>Seite, 2048 an der langen Seite</translation>
        </message>
        <message>
            <source>Pages of a PDF or TIFF, frames of a GIF or WebP. Each becomes a copy of its own.</source>
            <translation>Seiten eines PDF oder TIFF, Einzelbilder eines GIF oder WebP. Jedes wird eine eigene Kopie.</translation>
        </message>
        <message>
            <source>Painted out</source>
            <translation>Weggemalt</translation>
        </message>
        <message>
            <source>Painted out ({by}), hardly a trace is seen: {left} of 100.</source>
            <translation>Weggemalt ({by}), kaum eine Spur ist zu sehen: {left} von 100.</translation>
        </message>
        <message>
            <source>Painted out ({by}), the repair is plain to see: {left} of 100.</source>
            <translation>Weggemalt ({by}), die Ausbesserung ist deutlich zu sehen: {left} von 100.</translation>
        </message>
        <message>
            <source>Painted out ({by}), traces are seen: {left} of 100.</source>
            <translation>Weggemalt ({by}), Spuren sind zu sehen: {left} von 100.</translation>
        </message>
        <message>
            <source>Paper 10 × 8 in</source>
            <translation>Papier 10 × 8 in</translation>
        </message>
        <message>
            <source>Paper 15 × 10 cm</source>
            <translation>Papier 15 × 10 cm</translation>
        </message>
        <message>
            <source>Paper 18 × 13 cm</source>
            <translation>Papier 18 × 13 cm</translation>
        </message>
        <message>
            <source>Paper 30 × 20 cm</source>
            <translation>Papier 30 × 20 cm</translation>
        </message>
        <message>
            <source>Paper A3, 420 × 297 mm</source>
            <translation>Papier A3, 420 × 297 mm</translation>
        </message>
        <message>
            <source>Paper A4, 297 × 210 mm</source>
            <translation>Papier A4, 297 × 210 mm</translation>
        </message>
        <message>
            <source>Paper A5, 210 × 148 mm</source>
            <translation>Papier A5, 210 × 148 mm</translation>
        </message>
        <message>
            <source>Paper height</source>
            <translation>Papierhöhe</translation>
        </message>
        <message>
            <source>Paper width</source>
            <translation>Papierbreite</translation>
        </message>
        <message>
            <source>Parted by commas: a picture with one of them is left out.</source>
            <translation>Durch Kommas getrennt: Ein Bild mit einem davon wird ausgelassen.</translation>
        </message>
        <message>
            <source>Parted by commas; empty takes all.</source>
            <translation>Durch Kommas getrennt; leer nimmt alle.</translation>
        </message>
        <message>
            <source>Parted by semicolons.</source>
            <translation>Durch Semikolons getrennt.</translation>
        </message>
        <message>
            <source>Parts stand</source>
            <translation>Teile stehen</translation>
        </message>
        <message>
            <source>Parts without a ledger: {parts}</source>
            <translation>Teile ohne Protokoll: {parts}</translation>
        </message>
        <message>
            <source>Password from</source>
            <translation>Passwort aus</translation>
        </message>
        <message>
            <source>Percent</source>
            <translation>Prozent</translation>
        </message>
        <message>
            <source>Perceptual</source>
            <translation>Perzeptiv</translation>
        </message>
        <message>
            <source>Persons shown</source>
            <translation>Abgebildete Personen</translation>
        </message>
        <message>
            <source>Perspective</source>
            <translation>Perspektive</translation>
        </message>
        <message>
            <source>Phone</source>
            <translation>Telefon</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>Picture in the PDF</source>
            <translation>Bild im PDF</translation>
        </message>
        <message>
            <source>Picture {number} of {all}</source>
            <translation>Bild {number} von {all}</translation>
        </message>
        <message>
            <source>Pictures</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <source>Pictures and folders</source>
            <translation>Bilder und Ordner</translation>
        </message>
        <message>
            <source>Pictures worked on at a time</source>
            <translation>So viele Bilder zugleich</translation>
        </message>
        <message>
            <source>Pictures worked on at a time (default: one per core)</source>
            <translation>So viele Bilder zugleich (sonst eines je Kern)</translation>
        </message>
        <message>
            <source>Pictures, folders, jobs and deliveries to open</source>
            <translation>Bilder, Ordner, Aufträge und Lieferungen, die geöffnet werden</translation>
        </message>
        <message>
            <source>Pictures: {delivery}</source>
            <translation>Bilder: {delivery}</translation>
        </message>
        <message>
            <source>Pixel by pixel: screenshots</source>
            <translation>Pixel für Pixel: Bildschirmfotos</translation>
        </message>
        <message>
            <source>Pixels</source>
            <translation>Pixel</translation>
        </message>
        <message>
            <source>Pixels (default 1200)</source>
            <translation>Pixel (sonst 1200)</translation>
        </message>
        <message>
            <source>Pixels of the copy, or millimetres on paper at the copy's resolution. A margin never takes more than 45 % of a side.</source>
            <translation>Pixel der Kopie oder Millimeter auf Papier bei der Auflösung der Kopie. Ein Abstand nimmt nie mehr als 45 % einer Seite.</translation>
        </message>
        <message>
            <source>Pixels on the long side (default: the copy's own size)</source>
            <translation>Pixel der langen Seite (sonst die Größe der Kopie)</translation>
        </message>
        <message>
            <source>Pixels per inch on paper.</source>
            <translation>Pixel je Zoll auf Papier.</translation>
        </message>
        <message>
            <source>Place</source>
            <translation>Ablage</translation>
        </message>
        <message>
            <source>Place for me</source>
            <translation>Platz für mich wählen</translation>
        </message>
        <message>
            <source>Place, size, angle and strength vary a little from picture to picture (the same picture always gets the same), so that the seal can't be averaged out of a set. 100 %: by up to 3 % of the short side, an eighth of the size, 6° and an eighth of the strength.</source>
            <translation>Platz, Größe, Winkel und Stärke wechseln ein wenig von Bild zu Bild (dasselbe Bild bekommt immer dasselbe), damit das Siegel nicht aus einer Reihe gemittelt werden kann. 100 %: um bis zu 3 % der kurzen Seite, ein Achtel der Größe, 6° und ein Achtel der Stärke.</translation>
        </message>
        <message>
            <source>Placed freely</source>
            <translation>Frei gestellt</translation>
        </message>
        <message>
            <source>Placing</source>
            <translation>Platzieren</translation>
        </message>
        <message>
            <source>Plain FTP</source>
            <translation>Einfaches FTP</translation>
        </message>
        <message>
            <source>Plain FTP encrypts nothing. Without this word nothing is sent by it.</source>
            <translation>Einfaches FTP verschlüsselt nichts. Ohne dieses Wort wird damit nichts gesendet.</translation>
        </message>
        <message>
            <source>Plain letters and digits</source>
            <translation>Einfache Buchstaben und Ziffern</translation>
        </message>
        <message>
            <source>Plan anew</source>
            <translation>Planen Sie neu</translation>
        </message>
        <message>
            <source>Plate</source>
            <translation>Schild</translation>
        </message>
        <message>
            <source>Plate behind</source>
            <translation>Schild dahinter</translation>
        </message>
        <message>
            <source>Plate, then halo, then strength</source>
            <translation>Schild, dann Hof, dann Stärke</translation>
        </message>
        <message>
            <source>Plate, then strength, then halo</source>
            <translation>Schild, dann Stärke, dann Hof</translation>
        </message>
        <message>
            <source>Please report this: it is a fault of Keep Seal</source>
            <translation>Bitte melden Sie das: Es ist ein Fehler von Keep Seal</translation>
        </message>
        <message>
            <source>Portfolio site</source>
            <translation>Portfolio-Seite</translation>
        </message>
        <message>
            <source>Portfolio, 3000 on the long side</source>
            <translation>Portfolio, 3000 an der langen Seite</translation>
        </message>
        <message>
            <source>Positionals</source>
            <translation>Argumente</translation>
        </message>
        <message>
            <source>Postal code</source>
            <translation>Postleitzahl</translation>
        </message>
        <message>
            <source>Press copy</source>
            <translation>Presseexemplar</translation>
        </message>
        <message>
            <source>Press, with full captions</source>
            <translation>Presse, mit vollen Bildunterschriften</translation>
        </message>
        <message>
            <source>Pressed relief</source>
            <translation>Gepresstes Relief</translation>
        </message>
        <message>
            <source>Previous</source>
            <translation>Vorheriges</translation>
        </message>
        <message>
            <source>Print JSON for programs</source>
            <translation>JSON für Programme ausgeben</translation>
        </message>
        <message>
            <source>Print JSON for programs: before, after, rules, notes</source>
            <translation>JSON für Programme ausgeben: vorher, nachher, Regeln, Hinweise</translation>
        </message>
        <message>
            <source>Print lab, full size</source>
            <translation>Drucklabor, volle Größe</translation>
        </message>
        <message>
            <source>Print margin, 5 mm</source>
            <translation>Druckrand, 5 mm</translation>
        </message>
        <message>
            <source>Print names alone, a line each</source>
            <translation>Nur Namen, eine Zeile je Name</translation>
        </message>
        <message>
            <source>Print one as JSON</source>
            <translation>Eines als JSON ausgeben</translation>
        </message>
        <message>
            <source>Print problems only</source>
            <translation>Nur Probleme ausgeben</translation>
        </message>
        <message>
            <source>Print this help message and exit</source>
            <translation>Diese Hilfe zeigen und enden</translation>
        </message>
        <message>
            <source>Privacy</source>
            <translation>Privates</translation>
        </message>
        <message>
            <source>Private key</source>
            <translation>Privater Schlüssel</translation>
        </message>
        <message>
            <source>Profile</source>
            <translation>Profil</translation>
        </message>
        <message>
            <source>Progressive</source>
            <translation>Progressiv</translation>
        </message>
        <message>
            <source>Proof and date</source>
            <translation>Probe und Datum</translation>
        </message>
        <message>
            <source>Proof for a client</source>
            <translation>Probe für einen Kunden</translation>
        </message>
        <message>
            <source>Proof pattern</source>
            <translation>Probenmuster</translation>
        </message>
        <message>
            <source>Proof pattern, faint</source>
            <translation>Probenmuster, schwach</translation>
        </message>
        <message>
            <source>Proof pattern, strong</source>
            <translation>Probenmuster, stark</translation>
        </message>
        <message>
            <source>Proof sheets for print instead: so many pictures a page</source>
            <translation>Stattdessen Probebögen zum Drucken: so viele Bilder je Seite</translation>
        </message>
        <message>
            <source>Proof sheets without names and lines to cut along</source>
            <translation>Probebögen ohne Namen und Schnittlinien</translation>
        </message>
        <message>
            <source>Proof with number and date</source>
            <translation>Probe mit Nummer und Datum</translation>
        </message>
        <message>
            <source>Protect lights and shadows</source>
            <translation>Lichter und Schatten schützen</translation>
        </message>
        <message>
            <source>Protected by copyright</source>
            <translation>Urheberrechtlich geschützt</translation>
        </message>
        <message>
            <source>Province or State</source>
            <translation>Provinz oder Bundesland</translation>
        </message>
        <message>
            <source>Public domain</source>
            <translation>Gemeinfrei</translation>
        </message>
        <message>
            <source>Put a border on</source>
            <translation>Einen Rahmen geben</translation>
        </message>
        <message>
            <source>Put a password, read from the standard input, into the desktop's secret store</source>
            <translation>Ein Passwort, aus der Standardeingabe gelesen, in den Passwortspeicher des Desktops legen</translation>
        </message>
        <message>
            <source>Put behind the name: "-web" makes marsh-web.jpg of marsh.tif.</source>
            <translation>Kommt hinter den Namen: „-web“ macht aus marsh.tif marsh-web.jpg.</translation>
        </message>
        <message>
            <source>Put border files into your library</source>
            <translation>Rahmendateien in Ihre Bibliothek legen</translation>
        </message>
        <message>
            <source>Put delivery files into your library</source>
            <translation>Lieferungsdateien in Ihre Bibliothek legen</translation>
        </message>
        <message>
            <source>Put in a new preview</source>
            <translation>Neue Vorschau einlegen</translation>
        </message>
        <message>
            <source>Put on this border instead: a border file, or one of the library</source>
            <translation>Stattdessen diesen Rahmen nehmen: eine Rahmendatei oder einer der Bibliothek</translation>
        </message>
        <message>
            <source>Put on this seal instead: a seal file, or one of the library</source>
            <translation>Stattdessen dieses Siegel nehmen: eine Siegeldatei oder eines der Bibliothek</translation>
        </message>
        <message>
            <source>Put seal files into your library</source>
            <translation>Siegeldateien in Ihre Bibliothek legen</translation>
        </message>
        <message>
            <source>Put sheet files or XMP files into your library</source>
            <translation>Blattdateien oder XMP-Dateien in Ihre Bibliothek legen</translation>
        </message>
        <message>
            <source>Put shorter words in the place of its tokens</source>
            <translation>Setzen Sie kürzere Worte an die Stelle der Platzhalter</translation>
        </message>
        <message>
            <source>Put the seal on</source>
            <translation>Das Siegel anbringen</translation>
        </message>
        <message>
            <source>Quiet white mat</source>
            <translation>Ruhiges weißes Passepartout</translation>
        </message>
        <message>
            <source>REQUIRED</source>
            <translation>NÖTIG</translation>
        </message>
        <message>
            <source>Radius</source>
            <translation>Radius</translation>
        </message>
        <message>
            <source>Raised relief</source>
            <translation>Erhabenes Relief</translation>
        </message>
        <message>
            <source>Raises the opacity, picture by picture, until the seal is as readable as you ask.</source>
            <translation>Erhöht die Deckkraft, Bild für Bild, bis das Siegel so lesbar ist, wie Sie verlangen.</translation>
        </message>
        <message>
            <source>Rated at least</source>
            <translation>Mindestens bewertet mit</translation>
        </message>
        <message>
            <source>Rather fewer pixels</source>
            <translation>Lieber weniger Pixel</translation>
        </message>
        <message>
            <source>Ratio</source>
            <translation>Verhältnis</translation>
        </message>
        <message>
            <source>Ratio of the whole</source>
            <translation>Verhältnis des Ganzen</translation>
        </message>
        <message>
            <source>Read down to {pixels} pixels, pressed hard twice: {left} of 100 is left.</source>
            <translation>Lesbar bis hinunter zu {pixels} Pixeln, zweimal stark gepresst: {left} von 100 bleiben.</translation>
        </message>
        <message>
            <source>Read down to {pixels} pixels, pressed hard twice; at the smallest its letters are {letters} pixels high: {left} of 100 is left.</source>
            <translation>Lesbar bis hinunter zu {pixels} Pixeln, zweimal stark gepresst; im kleinsten sind seine Buchstaben {letters} Pixel hoch: {left} von 100 bleiben.</translation>
        </message>
        <message>
            <source>Read everywhere; no transparency, 8 bits.</source>
            <translation>Überall gelesen; keine Transparenz, 8 Bit.</translation>
        </message>
        <message>
            <source>Readability</source>
            <translation>Lesbarkeit</translation>
        </message>
        <message>
            <source>Readable means</source>
            <translation>Lesbar heißt</translation>
        </message>
        <message>
            <source>Recognisable as a copy</source>
            <translation>Als Kopie erkennbar</translation>
        </message>
        <message>
            <source>Red</source>
            <translation>Rot</translation>
        </message>
        <message>
            <source>Region</source>
            <translation>Region</translation>
        </message>
        <message>
            <source>Regular</source>
            <translation>Normal</translation>
        </message>
        <message>
            <source>Relative</source>
            <translation>Relativ</translation>
        </message>
        <message>
            <source>Relief</source>
            <translation>Relief</translation>
        </message>
        <message>
            <source>Remove</source>
            <translation>Entfernen</translation>
        </message>
        <message>
            <source>Remove it, or choose another folder for the copies</source>
            <translation>Entfernen Sie sie oder wählen Sie einen anderen Ordner für die Kopien</translation>
        </message>
        <message>
            <source>Rename it first</source>
            <translation>Benennen Sie es zuerst um</translation>
        </message>
        <message>
            <source>Rename one of them, or say --replace: the older one is set aside then</source>
            <translation>Benennen Sie eines um oder sagen Sie --replace: Das ältere wird dann beiseitegelegt</translation>
        </message>
        <message>
            <source>Replace</source>
            <translation>Ersetzen</translation>
        </message>
        <message>
            <source>Replace an earlier copy</source>
            <translation>Eine frühere Kopie ersetzen</translation>
        </message>
        <message>
            <source>Replace what was sent before</source>
            <translation>Früher Gesendetes ersetzen</translation>
        </message>
        <message>
            <source>Resolution</source>
            <translation>Auflösung</translation>
        </message>
        <message>
            <source>Restless</source>
            <translation>Unruhig</translation>
        </message>
        <message>
            <source>Results go to standard output. Problems, files that are no pictures, and progress go to standard error; progress is shown on a terminal only. With -q a run prints only what is held back or failed.</source>
            <translation>Ergebnisse gehen auf die Standardausgabe. Probleme, Dateien, die keine Bilder sind, und der Fortschritt gehen auf die Standardfehlerausgabe; der Fortschritt erscheint nur auf einem Terminal. Mit -q sagt ein Lauf nur, was zurückgehalten wurde oder misslang.</translation>
        </message>
        <message>
            <source>Right</source>
            <translation>Rechts</translation>
        </message>
        <message>
            <source>Rights</source>
            <translation>Rechte</translation>
        </message>
        <message>
            <source>Rights Usage Terms</source>
            <translation>Nutzungsbedingungen</translation>
        </message>
        <message>
            <source>Ring</source>
            <translation>Ring</translation>
        </message>
        <message>
            <source>Room above and below</source>
            <translation>Raum oben und unten</translation>
        </message>
        <message>
            <source>Room added between letters.</source>
            <translation>Zusätzlicher Raum zwischen Buchstaben.</translation>
        </message>
        <message>
            <source>Room around</source>
            <translation>Raum ringsum</translation>
        </message>
        <message>
            <source>Round corners</source>
            <translation>Runde Ecken</translation>
        </message>
        <message>
            <source>Round corners and a thin mat that follows them.</source>
            <translation>Runde Ecken und ein schmales Passepartout, das ihnen folgt.</translation>
        </message>
        <message>
            <source>Round outer corners</source>
            <translation>Runde äußere Ecken</translation>
        </message>
        <message>
            <source>Rounded</source>
            <translation>Rund</translation>
        </message>
        <message>
            <source>Roundness</source>
            <translation>Rundung</translation>
        </message>
        <message>
            <source>Rule</source>
            <translation>Linie</translation>
        </message>
        <message>
            <source>Run with --help for more information.</source>
            <translation>Mit --help gibt es mehr dazu.</translation>
        </message>
        <message>
            <source>Runs</source>
            <translation>Läuft</translation>
        </message>
        <message>
            <source>S3 object storage</source>
            <translation>S3-Objektspeicher</translation>
        </message>
        <message>
            <source>SEE ALSO</source>
            <translation>SIEHE AUCH</translation>
        </message>
        <message>
            <source>SFTP</source>
            <translation>SFTP</translation>
        </message>
        <message>
            <source>SHA256:... of the key that the server must have, as its keeper tells it, or as trying it out says. Nothing is sent to a server with another one.</source>
            <translation>SHA256:... des Schlüssels, den der Server haben muss, wie sein Betreiber ihn nennt oder wie das Ausprobieren ihn sagt. An einen Server mit einem anderen wird nichts gesendet.</translation>
        </message>
        <message>
            <source>SSIMULACRA 2: 100 is no difference, 90 is not seen even where one picture flickers to the other, 80 not side by side, 70 is high quality.</source>
            <translation>SSIMULACRA 2: 100 ist kein Unterschied, 90 sieht man nicht einmal im schnellen Wechsel, 80 nicht nebeneinander, 70 ist hohe Qualität.</translation>
        </message>
        <message>
            <source>SUBCOMMAND</source>
            <translation>BEFEHL</translation>
        </message>
        <message>
            <source>SUBCOMMANDS</source>
            <translation>BEFEHLE</translation>
        </message>
        <message>
            <source>SVG, PDF, PNG, TIFF, WebP or JPEG. SVG and PDF stay sharp at every size.</source>
            <translation>SVG, PDF, PNG, TIFF, WebP oder JPEG. SVG und PDF bleiben in jeder Größe scharf.</translation>
        </message>
        <message>
            <source>SYNOPSIS</source>
            <translation>ÜBERSICHT</translation>
        </message>
        <message>
            <source>Said: {notes}</source>
            <translation>Gesagt: {notes}</translation>
        </message>
        <message>
            <source>Saturation</source>
            <translation>Sättigung</translation>
        </message>
        <message>
            <source>Save a seal alone as a PNG or SVG with transparency</source>
            <translation>Ein Siegel allein als PNG oder SVG mit Transparenz speichern</translation>
        </message>
        <message>
            <source>Save as a border file</source>
            <translation>Als Rahmendatei speichern</translation>
        </message>
        <message>
            <source>Save as a sheet file, or as plain XMP where the name ends in .xmp</source>
            <translation>Als Blattdatei speichern, oder als reines XMP, wenn der Name auf .xmp endet</translation>
        </message>
        <message>
            <source>Save as a zip with its logos and typefaces</source>
            <translation>Als Zip mit seinen Logos und Schriften speichern</translation>
        </message>
        <message>
            <source>Save as one zip with all they need</source>
            <translation>Als ein Zip speichern, mit allem, was sie brauchen</translation>
        </message>
        <message>
            <source>Save it again as "CSV UTF-8"</source>
            <translation>Speichern Sie sie nochmals als „CSV UTF-8“</translation>
        </message>
        <message>
            <source>Save it as JPEG, PNG, TIFF or WebP</source>
            <translation>Speichern Sie es als JPEG, PNG, TIFF oder WebP</translation>
        </message>
        <message>
            <source>Save it smaller, or as a TIFF or a baseline JPEG, which are read in strips</source>
            <translation>Speichern Sie es kleiner oder als TIFF oder einfaches JPEG, die in Streifen gelesen werden</translation>
        </message>
        <message>
            <source>Save one copy's look as a PNG</source>
            <translation>Das Aussehen einer Kopie als PNG speichern</translation>
        </message>
        <message>
            <source>Save the logo as a plain SVG without it, or choose another file</source>
            <translation>Speichern Sie das Logo ohne es als einfaches SVG oder wählen Sie eine andere Datei</translation>
        </message>
        <message>
            <source>Saved: {file}</source>
            <translation>Gespeichert: {file}</translation>
        </message>
        <message>
            <source>Say at the end, as a notification of the desktop, what came of it</source>
            <translation>Am Ende als Benachrichtigung des Desktops sagen, was daraus wurde</translation>
        </message>
        <message>
            <source>Say everything that files tell; exit 1 when one tells a place</source>
            <translation>Alles sagen, was Dateien verraten; Exit 1, wenn eine einen Ort verrät</translation>
        </message>
        <message>
            <source>Say for each picture where the seal stands well, and why</source>
            <translation>Für jedes Bild sagen, wo das Siegel gut steht, und warum</translation>
        </message>
        <message>
            <source>Say or show who you are: what {studio} and its like stand for</source>
            <translation>Sagen oder zeigen, wer Sie sind: wofür {studio} und dergleichen stehen</translation>
        </message>
        <message>
            <source>Say so for that picture, if it is to be stamped again</source>
            <translation>Sagen Sie es für dieses Bild, wenn es nochmals gestempelt werden soll</translation>
        </message>
        <message>
            <source>Say that copies may be sent there, without trying it out</source>
            <translation>Sagen, dass Kopien dorthin gesendet werden dürfen, ohne es zu versuchen</translation>
        </message>
        <message>
            <source>Say what is added, as in "-web"</source>
            <translation>Sagen Sie, was angehängt wird, etwa „-web“</translation>
        </message>
        <message>
            <source>Say which copies would be made, and write nothing</source>
            <translation>Sagen, welche Kopien gemacht würden, und nichts schreiben</translation>
        </message>
        <message>
            <source>Say who you are (Ctrl+U in the window, keep-seal-cli who)</source>
            <translation>Sagen Sie, wer Sie sind (Strg+U im Fenster, keep-seal-cli who)</translation>
        </message>
        <message>
            <source>Scale</source>
            <translation>Größe</translation>
        </message>
        <message>
            <source>Scanned from a film negative</source>
            <translation>Von einem Filmnegativ gescannt</translation>
        </message>
        <message>
            <source>Scanned from a film slide</source>
            <translation>Von einem Dia gescannt</translation>
        </message>
        <message>
            <source>Scanned from a print</source>
            <translation>Von einem Abzug gescannt</translation>
        </message>
        <message>
            <source>Screen</source>
            <translation>Negativ multiplizieren</translation>
        </message>
        <message>
            <source>Screen 1920 × 1080</source>
            <translation>Bildschirm 1920 × 1080</translation>
        </message>
        <message>
            <source>Screen 2560 × 1440</source>
            <translation>Bildschirm 2560 × 1440</translation>
        </message>
        <message>
            <source>Screen 3840 × 2160</source>
            <translation>Bildschirm 3840 × 2160</translation>
        </message>
        <message>
            <source>Seal</source>
            <translation>Siegel</translation>
        </message>
        <message>
            <source>Seconds between two looks where the system tells nothing</source>
            <translation>Sekunden zwischen zwei Blicken, wo das System nichts sagt</translation>
        </message>
        <message>
            <source>Seconds that a file has to be at rest</source>
            <translation>Sekunden, die eine Datei in Ruhe sein muss</translation>
        </message>
        <message>
            <source>See 'keep-seal-cli seal list'</source>
            <translation>Siehe „keep-seal-cli seal list“</translation>
        </message>
        <message>
            <source>Semi-bold</source>
            <translation>Halbfett</translation>
        </message>
        <message>
            <source>Semibold</source>
            <translation>Halbfett</translation>
        </message>
        <message>
            <source>Send smaller copies, a contact sheet, or allow larger letters at the station Sending</source>
            <translation>Senden Sie kleinere Kopien, einen Kontaktbogen, oder erlauben Sie größere Briefe an der Station Versand</translation>
        </message>
        <message>
            <source>Send the copies</source>
            <translation>Die Kopien senden</translation>
        </message>
        <message>
            <source>Send what goes into the outbox at once</source>
            <translation>Sofort senden, was in den Ausgang kommt</translation>
        </message>
        <message>
            <source>Send what is due</source>
            <translation>Senden, was fällig ist</translation>
        </message>
        <message>
            <source>Sending</source>
            <translation>Versand</translation>
        </message>
        <message>
            <source>Serial numbers and owner</source>
            <translation>Seriennummern und Besitzer</translation>
        </message>
        <message>
            <source>Serial numbers of body and lens, the camera's owner, unique numbers.</source>
            <translation>Seriennummern von Gehäuse und Objektiv, der Besitzer der Kamera, eindeutige Nummern.</translation>
        </message>
        <message>
            <source>Server</source>
            <translation>Server</translation>
        </message>
        <message>
            <source>Server's key</source>
            <translation>Schlüssel des Servers</translation>
        </message>
        <message>
            <source>Set HOME, or XDG_STATE_HOME, XDG_CONFIG_HOME and XDG_DATA_HOME, to folders of yours</source>
            <translation>Setzen Sie HOME oder XDG_STATE_HOME, XDG_CONFIG_HOME und XDG_DATA_HOME auf Ordner von Ihnen</translation>
        </message>
        <message>
            <source>Set {path}location_words to "{words}" if that is what you want, or location to "remove"</source>
            <translation>Setzen Sie {path}location_words auf „{words}“, wenn Sie das wollen, oder location auf „remove“</translation>
        </message>
        <message>
            <source>Setting</source>
            <translation>Einstellung</translation>
        </message>
        <message>
            <source>Setting the text</source>
            <translation>Schriftsatz</translation>
        </message>
        <message>
            <source>Settings of a delivery</source>
            <translation>Einstellungen einer Lieferung</translation>
        </message>
        <message>
            <source>Several are parted by commas.</source>
            <translation>Mehrere werden durch Kommas getrennt.</translation>
        </message>
        <message>
            <source>Several captures joined by the camera</source>
            <translation>Mehrere Aufnahmen, von der Kamera verbunden</translation>
        </message>
        <message>
            <source>Shadow</source>
            <translation>Schatten</translation>
        </message>
        <message>
            <source>Shadow strength</source>
            <translation>Stärke des Schattens</translation>
        </message>
        <message>
            <source>Shape</source>
            <translation>Form</translation>
        </message>
        <message>
            <source>Shared deliveries hold delivery-1.json</source>
            <translation>Geteilte Lieferungen enthalten delivery-1.json</translation>
        </message>
        <message>
            <source>Sharpen for the size</source>
            <translation>Für die Größe schärfen</translation>
        </message>
        <message>
            <source>Sharpening and grain keep to what is in focus and has texture; skies, skin and soft ground are spared. Measured on each picture; the view can show where (Ctrl+Shift+W).</source>
            <translation>Schärfen und Korn bleiben bei dem, was scharf ist und Struktur hat; Himmel, Haut und weicher Grund werden geschont. An jedem Bild gemessen; die Ansicht kann zeigen, wo (Strg+Umschalt+W).</translation>
        </message>
        <message>
            <source>Sharpness, tone and grain at the final size.</source>
            <translation>Schärfe, Tonwerte und Korn in der endgültigen Größe.</translation>
        </message>
        <message>
            <source>Short side</source>
            <translation>Kurze Seite</translation>
        </message>
        <message>
            <source>Shorten it, or widen the mat</source>
            <translation>Kürzen Sie sie oder machen Sie das Passepartout breiter</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Nebeneinander</translation>
        </message>
        <message>
            <source>Sides</source>
            <translation>Seiten</translation>
        </message>
        <message>
            <source>Signature</source>
            <translation>Unterschrift</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>Größe</translation>
        </message>
        <message>
            <source>Size counts against</source>
            <translation>Größe zählt gegen</translation>
        </message>
        <message>
            <source>Size on paper</source>
            <translation>Größe auf Papier</translation>
        </message>
        <message>
            <source>Slanted letters.</source>
            <translation>Schräge Buchstaben.</translation>
        </message>
        <message>
            <source>Small</source>
            <translation>Klein</translation>
        </message>
        <message>
            <source>Small and fine, also without loss; transparency, 8 or 16 bits. Not every program reads it yet.</source>
            <translation>Klein und fein, auch verlustfrei; Transparenz, 8 oder 16 Bit. Noch liest es nicht jedes Programm.</translation>
        </message>
        <message>
            <source>Small corner link</source>
            <translation>Kleiner Link in der Ecke</translation>
        </message>
        <message>
            <source>Small, for pages; transparency, 8 bits.</source>
            <translation>Klein, für Seiten; Transparenz, 8 Bit.</translation>
        </message>
        <message>
            <source>Small, with a pattern all over: to choose from, not to use.</source>
            <translation>Klein, mit einem Muster über alles: zum Auswählen, nicht zum Nutzen.</translation>
        </message>
        <message>
            <source>Smaller differences, such as noise in a sky, are left alone.</source>
            <translation>Kleinere Unterschiede, wie Rauschen im Himmel, bleiben unberührt.</translation>
        </message>
        <message>
            <source>Smaller file (4:2:0)</source>
            <translation>Kleinere Datei (4:2:0)</translation>
        </message>
        <message>
            <source>Smaller pictures</source>
            <translation>Kleinere Bilder</translation>
        </message>
        <message>
            <source>Smaller than</source>
            <translation>Kleiner als</translation>
        </message>
        <message>
            <source>Smooth: people, skin</source>
            <translation>Glatt: Menschen, Haut</translation>
        </message>
        <message>
            <source>Social square</source>
            <translation>Soziales Quadrat</translation>
        </message>
        <message>
            <source>Social tall</source>
            <translation>Soziales Hochformat</translation>
        </message>
        <message>
            <source>Soft corners</source>
            <translation>Weiche Ecken</translation>
        </message>
        <message>
            <source>Soft light</source>
            <translation>Weiches Licht</translation>
        </message>
        <message>
            <source>Softness</source>
            <translation>Weichheit</translation>
        </message>
        <message>
            <source>Some of them</source>
            <translation>Einige davon</translation>
        </message>
        <message>
            <source>Some per cent smaller and slower to write; the same pixels. Progressive ones are arranged in several ways, and the smallest is taken.</source>
            <translation>Einige Prozent kleiner und langsamer geschrieben; dieselben Pixel. Progressive werden auf mehrere Arten geordnet, und die kleinste wird genommen.</translation>
        </message>
        <message>
            <source>Some pictures had problems, were held back, or nothing usable was named.</source>
            <translation>Einige Bilder hatten Probleme oder wurden zurückgehalten, oder es war nichts Brauchbares genannt.</translation>
        </message>
        <message>
            <source>Somebody may stand between; ask its keeper before you accept the new one. Nothing was sent</source>
            <translation>Jemand könnte dazwischen stehen; fragen Sie den Betreiber, bevor Sie den neuen annehmen. Nichts wurde gesendet</translation>
        </message>
        <message>
            <source>Source</source>
            <translation>Quelle</translation>
        </message>
        <message>
            <source>Space between</source>
            <translation>Raum dazwischen</translation>
        </message>
        <message>
            <source>Split the file</source>
            <translation>Teilen Sie die Datei</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>Streuung</translation>
        </message>
        <message>
            <source>Square</source>
            <translation>Quadratisch</translation>
        </message>
        <message>
            <source>Square 1080, filled</source>
            <translation>Quadrat 1080, gefüllt</translation>
        </message>
        <message>
            <source>Square for pages</source>
            <translation>Quadratisch für Seiten</translation>
        </message>
        <message>
            <source>Square only</source>
            <translation>Nur quadratische</translation>
        </message>
        <message>
            <source>Stacked</source>
            <translation>Gestapelt</translation>
        </message>
        <message>
            <source>Stamp</source>
            <translation>Stempel</translation>
        </message>
        <message>
            <source>Stamp what comes into a folder, each picture once it has come to rest, until it is stopped</source>
            <translation>Stempeln, was in einen Ordner kommt, jedes Bild, sobald es zur Ruhe gekommen ist, bis es angehalten wird</translation>
        </message>
        <message numerus="yes">
            <source>Stamp {n} copies</source>
            <translation>
                <numerusform>{n} Kopie stempeln</numerusform>
                <numerusform>{n} Kopien stempeln</numerusform>
            </translation>
        </message>
        <message>
            <source>Stands</source>
            <translation>Stand</translation>
        </message>
        <message>
            <source>Stands in the middle of the picture's width.</source>
            <translation>Steht in der Mitte der Bildbreite.</translation>
        </message>
        <message>
            <source>Stars and colour label go along where the description stays.</source>
            <translation>Sterne und Farbmarke gehen mit, wo die Beschreibung bleibt.</translation>
        </message>
        <message>
            <source>Start</source>
            <translation>Anfang</translation>
        </message>
        <message>
            <source>Start across</source>
            <translation>Beginn quer</translation>
        </message>
        <message>
            <source>Start apart from the window that is open already</source>
            <translation>Startet für sich, auch wenn schon ein Fenster offen ist</translation>
        </message>
        <message>
            <source>Start down</source>
            <translation>Beginn hoch</translation>
        </message>
        <message>
            <source>State a resolution</source>
            <translation>Auflösung nennen</translation>
        </message>
        <message>
            <source>Steeper or flatter in the middle.</source>
            <translation>Steiler oder flacher in der Mitte.</translation>
        </message>
        <message>
            <source>Stopped by the user.</source>
            <translation>Vom Benutzer angehalten.</translation>
        </message>
        <message numerus="yes">
            <source>Stopped. {n} copies were made, %1 not reached; it can go on there.</source>
            <translation>
                <numerusform>Angehalten. {n} Kopie wurde gemacht, %1 nicht erreicht; dort kann es weitergehen.</numerusform>
                <numerusform>Angehalten. {n} Kopien wurden gemacht, %1 nicht erreicht; dort kann es weitergehen.</numerusform>
            </translation>
        </message>
        <message>
            <source>Stopped: {outcomes}.</source>
            <translation>Angehalten: {outcomes}.</translation>
        </message>
        <message>
            <source>Store it: 'keep-seal-cli outbox password', or the station Sending</source>
            <translation>Legen Sie es ab: „keep-seal-cli outbox password“ oder die Station Versand</translation>
        </message>
        <message>
            <source>Straighten</source>
            <translation>Geraderichten</translation>
        </message>
        <message>
            <source>Strength</source>
            <translation>Stärke</translation>
        </message>
        <message>
            <source>Strength, then halo, then plate</source>
            <translation>Stärke, dann Hof, dann Schild</translation>
        </message>
        <message>
            <source>Strength, then plate, then halo</source>
            <translation>Stärke, dann Schild, dann Hof</translation>
        </message>
        <message>
            <source>Strict</source>
            <translation>Streng</translation>
        </message>
        <message>
            <source>Strict about the place</source>
            <translation>Streng mit dem Platz</translation>
        </message>
        <message>
            <source>Strip</source>
            <translation>Streifen</translation>
        </message>
        <message>
            <source>Stronger until readable</source>
            <translation>Kräftiger, bis lesbar</translation>
        </message>
        <message>
            <source>Strongest in the middle tones.</source>
            <translation>Am stärksten in den mittleren Tönen.</translation>
        </message>
        <message>
            <source>Studio</source>
            <translation>Studio</translation>
        </message>
        <message>
            <source>Studio name</source>
            <translation>Name des Studios</translation>
        </message>
        <message>
            <source>Subcommands</source>
            <translation>Befehle</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Betreff</translation>
        </message>
        <message>
            <source>Subject: {value}</source>
            <translation>Betreff: {value}</translation>
        </message>
        <message>
            <source>Sublocation</source>
            <translation>Ortsteil</translation>
        </message>
        <message>
            <source>TELLS THE PLACE</source>
            <translation>VERRÄT DEN ORT</translation>
        </message>
        <message>
            <source>TEXT</source>
            <translation>TEXT</translation>
        </message>
        <message>
            <source>THE PLACE IS TOLD</source>
            <translation>DER AUFNAHMEORT WIRD VERRATEN</translation>
        </message>
        <message>
            <source>TIFF</source>
            <translation>TIFF</translation>
        </message>
        <message>
            <source>TIFF compression</source>
            <translation>TIFF, Kompression</translation>
        </message>
        <message>
            <source>Take an own one out; restore brings it back</source>
            <translation>Ein eigenes herausnehmen; restore bringt es zurück</translation>
        </message>
        <message>
            <source>Take copies out of the outbox; what was sent stays where it is</source>
            <translation>Kopien aus dem Ausgang nehmen; was gesendet wurde, bleibt, wo es ist</translation>
        </message>
        <message>
            <source>Take receivers, paths or runs out of register and ledgers</source>
            <translation>Empfänger, Pfade oder Läufe aus Register und Protokollen nehmen</translation>
        </message>
        <message>
            <source>Take them away</source>
            <translation>Sie wegnehmen</translation>
        </message>
        <message>
            <source>Take what export wrote into your library</source>
            <translation>In Ihre Bibliothek nehmen, was export schrieb</translation>
        </message>
        <message>
            <source>Taken</source>
            <translation>Aufgenommen</translation>
        </message>
        <message>
            <source>Taken with a digital camera</source>
            <translation>Mit einer Digitalkamera aufgenommen</translation>
        </message>
        <message>
            <source>Takes the place of what is transparent where the format has no transparency.</source>
            <translation>Tritt an die Stelle von Durchsichtigem, wo das Format keine Transparenz hat.</translation>
        </message>
        <message>
            <source>Tall</source>
            <translation>Hoch</translation>
        </message>
        <message>
            <source>Tall only</source>
            <translation>Nur hohe</translation>
        </message>
        <message>
            <source>Technical</source>
            <translation>Technisches</translation>
        </message>
        <message>
            <source>Terms: {terms}</source>
            <translation>Bedingungen: {terms}</translation>
        </message>
        <message>
            <source>Text</source>
            <translation>Text</translation>
        </message>
        <message>
            <source>Textures brought back</source>
            <translation>Strukturen zurückgeholt</translation>
        </message>
        <message>
            <source>The PNG to write; must not exist</source>
            <translation>Das PNG, das geschrieben wird; darf noch nicht bestehen</translation>
        </message>
        <message>
            <source>The border's rings are {count}, counted from the picture</source>
            <translation>Ringe des Rahmens: {count}, vom Bild aus gezählt</translation>
        </message>
        <message>
            <source>The bottom edge against the others: 150 is half as much again.</source>
            <translation>Der untere Rand gegen die anderen: 150 ist um die Hälfte mehr.</translation>
        </message>
        <message>
            <source>The button beside the name lists all there are</source>
            <translation>Der Knopf neben dem Namen listet alle auf</translation>
        </message>
        <message>
            <source>The call or a delivery is wrong; nothing was written.</source>
            <translation>Der Aufruf oder eine Lieferung ist falsch; nichts wurde geschrieben.</translation>
        </message>
        <message>
            <source>The camera's own picture</source>
            <translation>Das Bild der Kamera</translation>
        </message>
        <message>
            <source>The chosen colour of the first mat.</source>
            <translation>Die gewählte Farbe des ersten Passepartouts.</translation>
        </message>
        <message>
            <source>The colour of the words.</source>
            <translation>Die Farbe der Worte.</translation>
        </message>
        <message>
            <source>The contrast between the seal and what surrounds it, measured on the finished pixels. 3 : 1 is enough for large letters, 4.5 : 1 for small ones. What adapts does so until it is reached.</source>
            <translation>Der Kontrast zwischen dem Siegel und dem, was es umgibt, an den fertigen Pixeln gemessen. 3 : 1 reicht für große Buchstaben, 4,5 : 1 für kleine. Was sich anpasst, tut es, bis er erreicht ist.</translation>
        </message>
        <message>
            <source>The copies</source>
            <translation>Die Kopien</translation>
        </message>
        <message>
            <source>The copies themselves lie in the album as well, to be downloaded.</source>
            <translation>Die Kopien selbst liegen auch im Album, zum Herunterladen.</translation>
        </message>
        <message>
            <source>The copy as it left</source>
            <translation>Die Kopie, wie sie hinausging</translation>
        </message>
        <message>
            <source>The corner, edge or middle the seal stands at.</source>
            <translation>Ecke, Rand oder Mitte, woran das Siegel steht.</translation>
        </message>
        <message>
            <source>The creator's contact details: a business address, not the place of the picture.</source>
            <translation>Die Kontaktdaten des Urhebers: eine Geschäftsadresse, nicht der Ort des Bildes.</translation>
        </message>
        <message>
            <source>The darkest part becomes black, the brightest white.</source>
            <translation>Die dunkelste Stelle wird schwarz, die hellste weiß.</translation>
        </message>
        <message>
            <source>The deliveries of last time, who you are, the look of the window</source>
            <translation>Die Lieferungen vom letzten Mal, wer Sie sind, das Aussehen des Fensters</translation>
        </message>
        <message>
            <source>The delivery whose seal is meant</source>
            <translation>Die Lieferung, deren Siegel gemeint ist</translation>
        </message>
        <message>
            <source>The delivery whose station Sending is meant</source>
            <translation>Die Lieferung, deren Station Versand gemeint ist</translation>
        </message>
        <message>
            <source>The desktop's secret store</source>
            <translation>Dem Passwortspeicher des Desktops</translation>
        </message>
        <message>
            <source>The emblem alone; it takes its light or dark version by the picture.</source>
            <translation>Das Emblem allein; seine helle oder dunkle Fassung richtet sich nach dem Bild.</translation>
        </message>
        <message>
            <source>The emblem as a monogram.</source>
            <translation>Das Emblem als Monogramm.</translation>
        </message>
        <message>
            <source>The file</source>
            <translation>Die Datei</translation>
        </message>
        <message>
            <source>The file manager has no entries of Keep Seal.</source>
            <translation>Die Dateiverwaltung hat keine Einträge von Keep Seal.</translation>
        </message>
        <message numerus="yes">
            <source>The file manager's menu offers {n} deliveries and the window on chosen pictures.</source>
            <translation>
                <numerusform>Das Menü der Dateiverwaltung bietet {n} Lieferung und das Fenster für gewählte Bilder an.</numerusform>
                <numerusform>Das Menü der Dateiverwaltung bietet {n} Lieferungen und das Fenster für gewählte Bilder an.</numerusform>
            </translation>
        </message>
        <message>
            <source>The file to write; must not exist</source>
            <translation>Die Datei, die geschrieben wird; darf noch nicht bestehen</translation>
        </message>
        <message>
            <source>The file, of which the first line counts, or the variable's name.</source>
            <translation>Die Datei, deren erste Zeile zählt, oder der Name der Variablen.</translation>
        </message>
        <message>
            <source>The files</source>
            <translation>Die Dateien</translation>
        </message>
        <message>
            <source>The first picture</source>
            <translation>Das erste Bild</translation>
        </message>
        <message>
            <source>The first text's short cuts (`seal.text`, `seal.family`, `seal.weight`, `seal.colour`) are read where a file has no `parts`.</source>
            <translation>Die Kurzformen für den ersten Text (`seal.text`, `seal.family`, `seal.weight`, `seal.colour`) werden gelesen, wo eine Datei keine `parts` hat.</translation>
        </message>
        <message>
            <source>The folder; several may be given</source>
            <translation>Der Ordner; mehrere sind möglich</translation>
        </message>
        <message>
            <source>The four corners</source>
            <translation>Die vier Ecken</translation>
        </message>
        <message>
            <source>The ground's colour.</source>
            <translation>Die Farbe des Grundes.</translation>
        </message>
        <message>
            <source>The height</source>
            <translation>Die Höhe</translation>
        </message>
        <message>
            <source>The height of a small x on the copy; 0: no limit. Small copies then get a larger seal.</source>
            <translation>Die Höhe eines kleinen x auf der Kopie; 0: keine Grenze. Kleine Kopien bekommen dann ein größeres Siegel.</translation>
        </message>
        <message>
            <source>The id of the group it belongs to.</source>
            <translation>Die Kennung der Gruppe, zu der er gehört.</translation>
        </message>
        <message>
            <source>The largest part of that ratio. On one picture the crop can be dragged.</source>
            <translation>Der größte Teil dieses Verhältnisses. An einem einzelnen Bild kann der Ausschnitt gezogen werden.</translation>
        </message>
        <message>
            <source>The library of borders</source>
            <translation>Die Bibliothek der Rahmen</translation>
        </message>
        <message>
            <source>The library of rights sheets</source>
            <translation>Die Bibliothek der Rechteblätter</translation>
        </message>
        <message>
            <source>The light version for dark places and the dark one for bright places, chosen for each picture by what lies behind the seal; or always the same.</source>
            <translation>Die helle Fassung für dunkle Stellen und die dunkle für helle, für jedes Bild nach dem gewählt, was hinter dem Siegel liegt; oder immer dieselbe.</translation>
        </message>
        <message>
            <source>The long side</source>
            <translation>Die lange Seite</translation>
        </message>
        <message>
            <source>The lowest quality at which the difference from the finished picture keeps to a limit, found for each copy by at most six encodings. Where the best quality does not, the copy is held back.</source>
            <translation>Die niedrigste Qualität, bei der der Unterschied zum fertigen Bild unter einer Grenze bleibt, für jede Kopie mit höchstens sechs Versuchen gefunden. Wo es die beste Qualität nicht schafft, wird die Kopie zurückgehalten.</translation>
        </message>
        <message>
            <source>The manual page, of all commands</source>
            <translation>Die Handbuchseite aller Befehle</translation>
        </message>
        <message>
            <source>The mapping of metadata fields to XMP, Exif and IIM</source>
            <translation>Die Zuordnung der Metadatenfelder zu XMP, Exif und IIM</translation>
        </message>
        <message>
            <source>The mat takes the mean of the picture, a white line keeps them apart.</source>
            <translation>Das Passepartout nimmt das Mittel des Bildes, eine weiße Linie trennt sie.</translation>
        </message>
        <message>
            <source>The mean of its edge</source>
            <translation>Das Mittel seines Randes</translation>
        </message>
        <message>
            <source>The name your pictures go out under: {studio}.</source>
            <translation>Der Name, unter dem Ihre Bilder hinausgehen: {studio}.</translation>
        </message>
        <message>
            <source>The offset from UTC goes too: it narrows down where a picture was taken.</source>
            <translation>Auch der Abstand von UTC geht: Er grenzt ein, wo ein Bild aufgenommen wurde.</translation>
        </message>
        <message>
            <source>The opacity it is raised to at most.</source>
            <translation>Die Deckkraft, auf die höchstens erhöht wird.</translation>
        </message>
        <message>
            <source>The order in which what is allowed to help is tried, after the other version. The first that is enough alone is taken, in the least amount; only then several together.</source>
            <translation>Die Reihenfolge, in der versucht wird, was helfen darf, nach der anderen Fassung. Genommen wird das Erste, was allein reicht, im geringsten Maß; erst dann mehreres zusammen.</translation>
        </message>
        <message>
            <source>The original of these copies: the names of its place are looked for as well</source>
            <translation>Das Original dieser Kopien: Auch die Namen seines Orts werden gesucht</translation>
        </message>
        <message>
            <source>The originals' own folders get new files only with the last of them, and there nothing is ever replaced.</source>
            <translation>Die Ordner der Originale bekommen nur mit dem letzten davon neue Dateien, und dort wird nie etwas ersetzt.</translation>
        </message>
        <message>
            <source>The others keep their own size.</source>
            <translation>Die anderen behalten ihre Größe.</translation>
        </message>
        <message>
            <source>The outbox is empty.</source>
            <translation>Der Ausgang ist leer.</translation>
        </message>
        <message>
            <source>The picture</source>
            <translation>Das Bild</translation>
        </message>
        <message>
            <source>The picture proper, or the whole with its border.</source>
            <translation>Das eigentliche Bild oder das Ganze mit seinem Rahmen.</translation>
        </message>
        <message>
            <source>The picture's corners: radius against its short side.</source>
            <translation>Die Ecken des Bildes: Radius gegen seine kurze Seite.</translation>
        </message>
        <message>
            <source>The picture's mean</source>
            <translation>Das Mittel des Bildes</translation>
        </message>
        <message>
            <source>The picture: a border comes on top. The whole: the border is reckoned in, to the pixel.</source>
            <translation>Das Bild: Ein Rahmen kommt dazu. Das Ganze: Der Rahmen ist eingerechnet, auf den Pixel.</translation>
        </message>
        <message>
            <source>The pixel size the receiver gets.</source>
            <translation>Die Pixelgröße, die der Empfänger bekommt.</translation>
        </message>
        <message>
            <source>The profile is embedded. sRGB is right for pages and most receivers.</source>
            <translation>Das Profil wird eingebettet. sRGB ist richtig für Seiten und die meisten Empfänger.</translation>
        </message>
        <message>
            <source>The program it was edited with, and when. Steps of the editing are never kept.</source>
            <translation>Das Programm, mit dem es bearbeitet wurde, und wann. Schritte der Bearbeitung bleiben nie.</translation>
        </message>
        <message>
            <source>The rating in the picture's metadata or in the XMP file beside it; 0 takes all.</source>
            <translation>Die Bewertung in den Metadaten des Bildes oder der XMP-Datei daneben; 0 nimmt alle.</translation>
        </message>
        <message numerus="yes">
            <source>The register was made again from the ledgers: {n} copies.</source>
            <translation>
                <numerusform>Das Register wurde aus den Protokollen neu gemacht: {n} Kopie.</numerusform>
                <numerusform>Das Register wurde aus den Protokollen neu gemacht: {n} Kopien.</numerusform>
            </translation>
        </message>
        <message>
            <source>The run's ledger</source>
            <translation>Das Protokoll des Laufs</translation>
        </message>
        <message>
            <source>The same at length.</source>
            <translation>Dasselbe ausführlich.</translation>
        </message>
        <message>
            <source>The same for another shell</source>
            <translation>Dasselbe für eine andere Shell</translation>
        </message>
        <message>
            <source>The same for light ground; empty: one serves both.</source>
            <translation>Dasselbe für hellen Grund; leer: eines für beide.</translation>
        </message>
        <message>
            <source>The same for the same picture every time.</source>
            <translation>Dasselbe für dasselbe Bild, jedes Mal.</translation>
        </message>
        <message>
            <source>The saved deliveries</source>
            <translation>Die gespeicherten Lieferungen</translation>
        </message>
        <message>
            <source>The seal stands</source>
            <translation>Das Siegel steht</translation>
        </message>
        <message>
            <source>The seal's unit, which is the type size of a text of 100 %, measured against the picture. A seal that would not fit between the margins is made smaller until it does, and the plan says so.</source>
            <translation>Die Einheit des Siegels, die Schriftgröße eines Textes von 100 %, gemessen am Bild. Ein Siegel, das nicht zwischen die Abstände passt, wird kleiner gemacht, bis es passt, und der Plan sagt es.</translation>
        </message>
        <message>
            <source>The server's key: {key}</source>
            <translation>Der Schlüssel des Servers: {key}</translation>
        </message>
        <message>
            <source>The short side</source>
            <translation>Die kurze Seite</translation>
        </message>
        <message>
            <source>The slanted cut of the typeface.</source>
            <translation>Der schräge Schnitt der Schrift.</translation>
        </message>
        <message>
            <source>The station Turn, crop can take every one, or some</source>
            <translation>Die Station Ausschnitt kann jedes nehmen oder einige</translation>
        </message>
        <message>
            <source>The studio's own number of the job.</source>
            <translation>Die Nummer des Studios für den Auftrag.</translation>
        </message>
        <message>
            <source>The studio's street and number.</source>
            <translation>Straße und Hausnummer des Studios.</translation>
        </message>
        <message>
            <source>The tokens for texts and names</source>
            <translation>Die Platzhalter für Texte und Namen</translation>
        </message>
        <message>
            <source>The type size against the mat's height. Made smaller where the words would run over.</source>
            <translation>Die Schriftgröße gegen die Höhe des Passepartouts. Kleiner gemacht, wo die Worte überlaufen würden.</translation>
        </message>
        <message>
            <source>The typefaces come with Keep Seal, or with your library, so a seal looks the same everywhere.</source>
            <translation>Die Schriften kommen mit Keep Seal oder mit Ihrer Bibliothek, also sieht ein Siegel überall gleich aus.</translation>
        </message>
        <message>
            <source>The typefaces come with Keep Seal, or with your library, so a seal looks the same everywhere. (Of the seal's first text.)</source>
            <translation>Die Schriften kommen mit Keep Seal oder mit Ihrer Bibliothek, also sieht ein Siegel überall gleich aus. (Vom ersten Text des Siegels.)</translation>
        </message>
        <message>
            <source>The very copy "{copy}", made for "{delivery}" on {day}: byte for byte.</source>
            <translation>Genau die Kopie „{copy}“, gemacht für „{delivery}“ am {day}: Byte für Byte.</translation>
        </message>
        <message>
            <source>The visible mark.</source>
            <translation>Das sichtbare Zeichen.</translation>
        </message>
        <message>
            <source>The whole's corners; what is cut off is transparent where the format can.</source>
            <translation>Die Ecken des Ganzen; was abgeschnitten ist, wird durchsichtig, wo das Format es kann.</translation>
        </message>
        <message>
            <source>The whole, border included</source>
            <translation>Das Ganze, mit Rahmen</translation>
        </message>
        <message>
            <source>The width</source>
            <translation>Die Breite</translation>
        </message>
        <message>
            <source>The width of the first mat, in what it is measured in.</source>
            <translation>Die Breite des ersten Passepartouts, in seinem Maß.</translation>
        </message>
        <message>
            <source>There is no picture in there that Keep Seal reads: nothing was made.</source>
            <translation>Dort ist kein Bild, das Keep Seal liest: Es wurde nichts gemacht.</translation>
        </message>
        <message>
            <source>There is nothing to go on with</source>
            <translation>Es gibt nichts, womit man weitermachen könnte</translation>
        </message>
        <message>
            <source>They are right: send them</source>
            <translation>Sie sind richtig: sie senden</translation>
        </message>
        <message>
            <source>Those that come with Keep Seal stay</source>
            <translation>Die mit Keep Seal kommen, bleiben</translation>
        </message>
        <message>
            <source>Those that come with Keep Seal, and your own</source>
            <translation>Die mit Keep Seal kommen, und Ihre eigenen</translation>
        </message>
        <message>
            <source>Thousands of bytes of each file; 0: as many as it takes. The best quality that fits is found, up to the one chosen above. No file has one byte more.</source>
            <translation>Tausende Bytes je Datei; 0: so viele, wie nötig. Die beste Qualität, die passt, wird gefunden, bis zur oben gewählten. Keine Datei hat ein Byte mehr.</translation>
        </message>
        <message>
            <source>Threshold</source>
            <translation>Schwelle</translation>
        </message>
        <message>
            <source>Through: {value}</source>
            <translation>Über: {value}</translation>
        </message>
        <message>
            <source>Title</source>
            <translation>Titel</translation>
        </message>
        <message>
            <source>Title, description and other texts that hold a removed place are left out whole.</source>
            <translation>Titel, Beschreibung und andere Texte mit einem entfernten Ort fehlen ganz.</translation>
        </message>
        <message>
            <source>Title, headline, description, alt text, keywords, persons, event, job.</source>
            <translation>Titel, Überschrift, Beschreibung, Alternativtext, Stichworte, Personen, Ereignis, Auftrag.</translation>
        </message>
        <message>
            <source>To</source>
            <translation>An</translation>
        </message>
        <message numerus="yes">
            <source>To be taken out of the register and the ledgers: {n} rows, with what these pictures are known by. This can't be undone. The files themselves stay where they are.</source>
            <translation>
                <numerusform>Aus Register und Protokollen zu nehmen: {n} Zeile, mit dem, woran diese Bilder bekannt sind. Das lässt sich nicht zurücknehmen. Die Dateien selbst bleiben, wo sie sind.</numerusform>
                <numerusform>Aus Register und Protokollen zu nehmen: {n} Zeilen, mit dem, woran diese Bilder bekannt sind. Das lässt sich nicht zurücknehmen. Die Dateien selbst bleiben, wo sie sind.</numerusform>
            </translation>
        </message>
        <message>
            <source>To go on where it was: {command}</source>
            <translation>Um weiterzumachen, wo es war: {command}</translation>
        </message>
        <message>
            <source>To: {folder}</source>
            <translation>Nach: {folder}</translation>
        </message>
        <message>
            <source>To: {value}</source>
            <translation>An: {value}</translation>
        </message>
        <message>
            <source>Top</source>
            <translation>Oben</translation>
        </message>
        <message>
            <source>Top left</source>
            <translation>Oben links</translation>
        </message>
        <message>
            <source>Top left, across</source>
            <translation>Oben links, quer</translation>
        </message>
        <message>
            <source>Top left, down</source>
            <translation>Oben links, hoch</translation>
        </message>
        <message>
            <source>Top right</source>
            <translation>Oben rechts</translation>
        </message>
        <message>
            <source>Top right, across</source>
            <translation>Oben rechts, quer</translation>
        </message>
        <message>
            <source>Top right, down</source>
            <translation>Oben rechts, hoch</translation>
        </message>
        <message>
            <source>Transparent</source>
            <translation>Durchsichtig</translation>
        </message>
        <message numerus="yes">
            <source>Tried on {n} pictures</source>
            <translation>
                <numerusform>Erprobt an {n} Bild</numerusform>
                <numerusform>Erprobt an {n} Bildern</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Tried on {n} pictures. That a mark holds here does not prove that it can't be taken off.</source>
            <translation>
                <numerusform>An {n} Bild versucht. Dass ein Zeichen hier hält, beweist nicht, dass es nicht entfernt werden kann.</numerusform>
                <numerusform>An {n} Bildern versucht. Dass ein Zeichen hier hält, beweist nicht, dass es nicht entfernt werden kann.</numerusform>
            </translation>
        </message>
        <message>
            <source>Try again</source>
            <translation>Versuchen Sie es nochmals</translation>
        </message>
        <message>
            <source>Try again; if it happens again, leave this picture out</source>
            <translation>Versuchen Sie es nochmals; wenn es wieder geschieht, lassen Sie dieses Bild aus</translation>
        </message>
        <message>
            <source>Try it out first: the station Sending, or 'keep-seal-cli outbox try'</source>
            <translation>Probieren Sie es erst aus: die Station Versand oder „keep-seal-cli outbox try“</translation>
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
            <translation>Zum Ausprobieren:
  keep-seal-cli proof marsh.jpg -o proof.png --set seal.text='(c) Studio'
  keep-seal-cli plan  --delivery web.json --out kopien bilder/
  keep-seal-cli stamp --delivery web.json --out kopien bilder/
  keep-seal-cli check kopien/*.jpg
  keep-seal-cli seal advise bilder/     wo das Siegel gut steht
  keep-seal-cli settings            jede Einstellung, ihr Bereich und ihre Vorgabe

Exit-Codes: 0 alles getan; 1 einige Bilder hatten Probleme (check: eine Datei verrät einen Ort);
            2 der Aufruf oder eine Lieferung ist falsch, nichts wurde geschrieben; 3 vom Benutzer angehalten.</translation>
        </message>
        <message>
            <source>Try to take the seal off, in five ways, and say what is left of it</source>
            <translation>Versuchen, das Siegel auf fünf Arten zu entfernen, und sagen, was davon bleibt</translation>
        </message>
        <message>
            <source>Turn</source>
            <translation>Drehen</translation>
        </message>
        <message>
            <source>Turn, crop</source>
            <translation>Ausschnitt</translation>
        </message>
        <message>
            <source>Turned by</source>
            <translation>Gedreht um</translation>
        </message>
        <message>
            <source>Turned with the picture</source>
            <translation>Mit dem Bild gedreht</translation>
        </message>
        <message>
            <source>Turns letters into capitals or small capitals.</source>
            <translation>Macht Buchstaben groß oder zu Kapitälchen.</translation>
        </message>
        <message>
            <source>Two lines that end at the margin.</source>
            <translation>Zwei Zeilen, die am Abstand enden.</translation>
        </message>
        <message>
            <source>Type size</source>
            <translation>Schriftgröße</translation>
        </message>
        <message>
            <source>Typed, or picked from the picture.</source>
            <translation>Getippt oder aus dem Bild genommen.</translation>
        </message>
        <message>
            <source>Typeface</source>
            <translation>Schrift</translation>
        </message>
        <message>
            <source>Under each other, side by side, or where you drag them.</source>
            <translation>Untereinander, nebeneinander oder wohin Sie sie ziehen.</translation>
        </message>
        <message>
            <source>Under it</source>
            <translation>Darunter</translation>
        </message>
        <message>
            <source>Under transparency</source>
            <translation>Unter Transparenz</translation>
        </message>
        <message>
            <source>Unique in its seal.</source>
            <translation>Eindeutig in seinem Siegel.</translation>
        </message>
        <message>
            <source>Unlock it, or name a file or an environment variable for the password</source>
            <translation>Entsperren Sie ihn oder nennen Sie eine Datei oder eine Umgebungsvariable für das Passwort</translation>
        </message>
        <message>
            <source>Until the whole has a ratio</source>
            <translation>Bis das Ganze ein Verhältnis hat</translation>
        </message>
        <message>
            <source>Untouched outside the mark</source>
            <translation>Unberührt außerhalb des Zeichens</translation>
        </message>
        <message>
            <source>Up and down apart</source>
            <translation>Oben und unten eigens</translation>
        </message>
        <message>
            <source>Update Keep Seal; the file was left as it is</source>
            <translation>Erneuern Sie Keep Seal; die Datei blieb, wie sie war</translation>
        </message>
        <message>
            <source>Upload form</source>
            <translation>Upload-Formular</translation>
        </message>
        <message>
            <source>Upper rule</source>
            <translation>Obere Linie</translation>
        </message>
        <message>
            <source>Upright</source>
            <translation>Senkrechte</translation>
        </message>
        <message>
            <source>Upright and name</source>
            <translation>Senkrechte und Name</translation>
        </message>
        <message>
            <source>Upright, downwards</source>
            <translation>Aufrecht, abwärts</translation>
        </message>
        <message>
            <source>Upright, upwards</source>
            <translation>Aufrecht, aufwärts</translation>
        </message>
        <message>
            <source>Usage</source>
            <translation>Aufruf</translation>
        </message>
        <message>
            <source>Use</source>
            <translation>Nehmen</translation>
        </message>
        <message>
            <source>Use the same version for all parts, or plan anew</source>
            <translation>Nehmen Sie für alle Teile dieselbe Version oder planen Sie neu</translation>
        </message>
        <message>
            <source>Used where the picture is bright; empty: the same file.</source>
            <translation>Genommen, wo das Bild hell ist; leer: dieselbe Datei.</translation>
        </message>
        <message>
            <source>User</source>
            <translation>Benutzer</translation>
        </message>
        <message>
            <source>Value</source>
            <translation>Wert</translation>
        </message>
        <message>
            <source>Version</source>
            <translation>Fassung</translation>
        </message>
        <message>
            <source>Very small, for pages; transparency, 8, 10 or 12 bits. Takes its time.</source>
            <translation>Sehr klein, für Seiten; Transparenz, 8, 10 oder 12 Bit. Braucht seine Zeit.</translation>
        </message>
        <message>
            <source>Wait for its end, or choose another folder</source>
            <translation>Warten Sie auf sein Ende oder wählen Sie einen anderen Ordner</translation>
        </message>
        <message>
            <source>Wait until the other program has finished writing it, then stamp it again</source>
            <translation>Warten Sie, bis das andere Programm sie fertig geschrieben hat, dann stempeln Sie nochmals</translation>
        </message>
        <message>
            <source>Web Statement of Rights</source>
            <translation>Rechteerklärung im Web</translation>
        </message>
        <message>
            <source>Web gallery</source>
            <translation>Webgalerie</translation>
        </message>
        <message>
            <source>Web page</source>
            <translation>Webseite</translation>
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
            <translation>WebP, Qualität</translation>
        </message>
        <message>
            <source>WebP without loss</source>
            <translation>WebP verlustfrei</translation>
        </message>
        <message>
            <source>Weight</source>
            <translation>Gewicht</translation>
        </message>
        <message>
            <source>What 'export' wrote</source>
            <translation>Was „export“ schrieb</translation>
        </message>
        <message>
            <source>What a picture that was met somewhere is: by its bytes, or by how it looks</source>
            <translation>Was ein irgendwo angetroffenes Bild ist: nach seinen Bytes oder danach, wie es aussieht</translation>
        </message>
        <message>
            <source>What a receiver's system can't take becomes a hyphen. Plain turns "Böe" into "Boe".</source>
            <translation>Was das System eines Empfängers nicht nimmt, wird ein Bindestrich. „Einfache“ macht aus „Böe“ „Boe“.</translation>
        </message>
        <message>
            <source>What all runs together know of copies and pictures</source>
            <translation>Was alle Läufe zusammen von Kopien und Bildern wissen</translation>
        </message>
        <message>
            <source>What can be given, and nothing else</source>
            <translation>Was angegeben werden kann, und sonst nichts</translation>
        </message>
        <message>
            <source>What copies say of their maker: written to XMP, Exif and IIM in step.</source>
            <translation>Was Kopien von ihrem Urheber sagen: in XMP, Exif und IIM gleichlautend geschrieben.</translation>
        </message>
        <message>
            <source>What gets this size</source>
            <translation>Was diese Größe bekommt</translation>
        </message>
        <message>
            <source>What goes</source>
            <translation>Was geht</translation>
        </message>
        <message>
            <source>What hangs on the letter. It goes only after you looked at it, in the outbox.</source>
            <translation>Was am Brief hängt. Er geht erst, nachdem Sie ihn im Ausgang angesehen haben.</translation>
        </message>
        <message>
            <source>What is asked of a pattern or of a relief, which are there to be seen, not read: how far they change the pixels under them, as a contrast.</source>
            <translation>Was von einem Muster oder Relief verlangt ist, die gesehen und nicht gelesen werden: wie stark sie die Pixel darunter ändern, als Kontrast.</translation>
        </message>
        <message>
            <source>What is put around the picture, or along its edge.</source>
            <translation>Was um das Bild kommt oder an seinen Rand.</translation>
        </message>
        <message>
            <source>What is to be printed beside the picture.</source>
            <translation>Was neben dem Bild gedruckt werden soll.</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Was sie tut</translation>
        </message>
        <message>
            <source>What left</source>
            <translation>Was hinausging</translation>
        </message>
        <message>
            <source>What of the original's own metadata a copy may carry on. All else does not exist in it, and every finished copy is opened again and searched before it gets its name.</source>
            <translation>Was von den Metadaten des Originals eine Kopie mitnehmen darf. Alles andere gibt es in ihr nicht, und jede fertige Kopie wird nochmals geöffnet und durchsucht, bevor sie ihren Namen bekommt.</translation>
        </message>
        <message>
            <source>What receivers often ask for; every number can be changed afterwards.</source>
            <translation>Was Empfänger oft verlangen; jede Zahl kann danach geändert werden.</translation>
        </message>
        <message>
            <source>What stands above it</source>
            <translation>Was darüber steht</translation>
        </message>
        <message numerus="yes">
            <source>What the copies of {n} pictures will say. %1 with something to look at, first.</source>
            <translation>
                <numerusform>Was die Kopien von {n} Bild sagen werden. %1 mit etwas Anzusehendem, zuerst.</numerusform>
                <numerusform>Was die Kopien von {n} Bildern sagen werden. %1 mit etwas Anzusehendem, zuerst.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>What the copies of {n} pictures will say. Nothing needs a look.</source>
            <translation>
                <numerusform>Was die Kopien von {n} Bild sagen werden. Nichts ist anzusehen.</numerusform>
                <numerusform>Was die Kopien von {n} Bildern sagen werden. Nichts ist anzusehen.</numerusform>
            </translation>
        </message>
        <message>
            <source>What the copies will say, as CSV</source>
            <translation>Was die Kopien sagen werden, als CSV</translation>
        </message>
        <message>
            <source>What the list of parts calls it.</source>
            <translation>Wie die Liste der Teile ihn nennt.</translation>
        </message>
        <message>
            <source>What the original says of its maker, where the rights sheet says nothing else.</source>
            <translation>Was das Original von seinem Urheber sagt, wo das Rechteblatt nichts anderes sagt.</translation>
        </message>
        <message>
            <source>What the picture is about, in one line.</source>
            <translation>Worum es im Bild geht, in einer Zeile.</translation>
        </message>
        <message>
            <source>What the picture shows</source>
            <translation>Was das Bild zeigt</translation>
        </message>
        <message>
            <source>What the receiver has to mind, as in "not before 1 June".</source>
            <translation>Was der Empfänger beachten muss, wie in „nicht vor dem 1. Juni“.</translation>
        </message>
        <message>
            <source>What the receiver measures.</source>
            <translation>Was der Empfänger misst.</translation>
        </message>
        <message>
            <source>What the size is a share of. Equal area: the whole seal takes the same share of every picture, whatever its shape (the size is the square root of that share).</source>
            <translation>Woran die Größe gemessen wird. Gleiche Fläche: Das ganze Siegel nimmt von jedem Bild denselben Anteil, gleich welcher Form (die Größe ist die Quadratwurzel dieses Anteils).</translation>
        </message>
        <message>
            <source>What the storage calls the whole of its objects.</source>
            <translation>Wie der Speicher das Ganze seiner Objekte nennt.</translation>
        </message>
        <message>
            <source>What these files tell</source>
            <translation>Was diese Dateien verraten</translation>
        </message>
        <message>
            <source>What waits, and what is held and why</source>
            <translation>Was wartet, und was festgehalten ist und warum</translation>
        </message>
        <message>
            <source>What was found</source>
            <translation>Was gefunden wurde</translation>
        </message>
        <message>
            <source>What was sent and left out too</source>
            <translation>Auch was gesendet und ausgelassen wurde</translation>
        </message>
        <message>
            <source>What you write. A link to where the pictures lie may stand here.</source>
            <translation>Was Sie schreiben. Ein Link dorthin, wo die Bilder liegen, kann hier stehen.</translation>
        </message>
        <message>
            <source>What {number} is for the first picture.</source>
            <translation>Was {number} beim ersten Bild ist.</translation>
        </message>
        <message>
            <source>What {studio} and its like stand for.</source>
            <translation>Wofür {studio} und dergleichen stehen.</translation>
        </message>
        <message>
            <source>When the picture was taken.</source>
            <translation>Wann das Bild aufgenommen wurde.</translation>
        </message>
        <message>
            <source>Where</source>
            <translation>Wo</translation>
        </message>
        <message>
            <source>Where a licence can be had.</source>
            <translation>Wo man eine Lizenz bekommt.</translation>
        </message>
        <message>
            <source>Where finished copies are put as well, by the outbox.</source>
            <translation>Wohin fertige Kopien außerdem kommen, durch den Ausgang.</translation>
        </message>
        <message>
            <source>Where it was met, for the report</source>
            <translation>Wo es angetroffen wurde, für den Bericht</translation>
        </message>
        <message>
            <source>Where neither the other version nor halo and strength make the seal readable. Not under a pattern.</source>
            <translation>Wo weder die andere Fassung noch Hof und Stärke das Siegel lesbar machen. Nicht unter einem Muster.</translation>
        </message>
        <message>
            <source>Where that quality still makes too many bytes, the copy gets fewer pixels; else it is held back.</source>
            <translation>Wo diese Qualität noch zu viele Bytes macht, bekommt die Kopie weniger Pixel; sonst wird sie zurückgehalten.</translation>
        </message>
        <message>
            <source>Where the copy goes and how it is called.</source>
            <translation>Wohin die Kopie kommt und wie sie heißt.</translation>
        </message>
        <message>
            <source>Where the picture was taken. Kept only together with location_words.</source>
            <translation>Wo das Bild aufgenommen wurde. Bleibt nur zusammen mit location_words.</translation>
        </message>
        <message>
            <source>Where the seal may go.</source>
            <translation>Wohin das Siegel darf.</translation>
        </message>
        <message>
            <source>Where the seal's middle stands.</source>
            <translation>Wo die Mitte des Siegels steht.</translation>
        </message>
        <message>
            <source>Where to call for a licence.</source>
            <translation>Wo man wegen einer Lizenz anruft.</translation>
        </message>
        <message>
            <source>Where to write for a licence.</source>
            <translation>Wohin man wegen einer Lizenz schreibt.</translation>
        </message>
        <message>
            <source>Whether copies carry the seal.</source>
            <translation>Ob Kopien das Siegel tragen.</translation>
        </message>
        <message>
            <source>Whether programs may learn from the picture. A request in the file, not a lock.</source>
            <translation>Ob Programme aus dem Bild lernen dürfen. Eine Bitte in der Datei, kein Schloss.</translation>
        </message>
        <message>
            <source>Whether the picture is protected.</source>
            <translation>Ob das Bild geschützt ist.</translation>
        </message>
        <message>
            <source>Whether the sheet's rules are carried out on copies.</source>
            <translation>Ob die Regeln des Blatts an Kopien ausgeführt werden.</translation>
        </message>
        <message>
            <source>Which</source>
            <translation>Welche</translation>
        </message>
        <message>
            <source>Which colour</source>
            <translation>Welche Farbe</translation>
        </message>
        <message>
            <source>Which one</source>
            <translation>Welches</translation>
        </message>
        <message>
            <source>Which part of the picture stays.</source>
            <translation>Welcher Teil des Bildes bleibt.</translation>
        </message>
        <message>
            <source>Which part of the picture, and which way up.</source>
            <translation>Welcher Teil des Bildes, und wie herum.</translation>
        </message>
        <message>
            <source>Which picture it is, and when it was made: for choosing.</source>
            <translation>Welches Bild es ist und wann es gemacht wurde: zum Auswählen.</translation>
        </message>
        <message>
            <source>Which pictures of the job this receiver gets.</source>
            <translation>Welche Bilder des Auftrags dieser Empfänger bekommt.</translation>
        </message>
        <message>
            <source>Which side of the mat it stands in.</source>
            <translation>Auf welcher Seite des Passepartouts sie steht.</translation>
        </message>
        <message>
            <source>Which version this is, and nothing else</source>
            <translation>Welche Version das ist, und sonst nichts</translation>
        </message>
        <message>
            <source>While it does not stretch. A ring is as wide as it is tall.</source>
            <translation>Solange er sich nicht streckt. Ein Ring ist so breit wie hoch.</translation>
        </message>
        <message>
            <source>White paper around the print, a hair line to cut along.</source>
            <translation>Weißes Papier um den Abzug, eine Haarlinie zum Schneiden.</translation>
        </message>
        <message>
            <source>Who gets them; several addresses are parted by commas.</source>
            <translation>Wer sie bekommt; mehrere Adressen werden durch Kommas getrennt.</translation>
        </message>
        <message>
            <source>Who made the picture. Several names are parted by semicolons.</source>
            <translation>Wer das Bild machte. Mehrere Namen werden durch Semikolons getrennt.</translation>
        </message>
        <message>
            <source>Who owns the rights, as in "© {year} Marsh &amp; Line Studio".</source>
            <translation>Wem die Rechte gehören, wie in „© {year} Studio Marsch &amp; Linie“.</translation>
        </message>
        <message>
            <source>Who supplied the picture.</source>
            <translation>Wer das Bild lieferte.</translation>
        </message>
        <message>
            <source>Who takes the pictures: {studio_creator}.</source>
            <translation>Wer die Bilder aufnimmt: {studio_creator}.</translation>
        </message>
        <message>
            <source>Who, what, when and why, in sentences.</source>
            <translation>Wer, was, wann und warum, in Sätzen.</translation>
        </message>
        <message>
            <source>Whoever holds the rights, where it is not the creator.</source>
            <translation>Wer die Rechte hält, wo es nicht der Urheber ist.</translation>
        </message>
        <message>
            <source>Whole</source>
            <translation>Ganz</translation>
        </message>
        <message>
            <source>Whom to ask for a licence.</source>
            <translation>Wen man um eine Lizenz bittet.</translation>
        </message>
        <message>
            <source>Wide</source>
            <translation>Quer</translation>
        </message>
        <message>
            <source>Wide only</source>
            <translation>Nur quere</translation>
        </message>
        <message>
            <source>Width</source>
            <translation>Breite</translation>
        </message>
        <message>
            <source>Width to height, such as 1:1 or 4:5.</source>
            <translation>Breite zu Höhe, wie 1:1 oder 4:5.</translation>
        </message>
        <message>
            <source>Width to height, such as 4:5 or 1.5.</source>
            <translation>Breite zu Höhe, wie 4:5 oder 1.5.</translation>
        </message>
        <message>
            <source>Width to height, such as 7:5 or 1.85.</source>
            <translation>Breite zu Höhe, wie 7:5 oder 1.85.</translation>
        </message>
        <message>
            <source>With</source>
            <translation>Mit</translation>
        </message>
        <message>
            <source>With --merge: for other programs to read</source>
            <translation>Mit --merge: zum Lesen für andere Programme</translation>
        </message>
        <message>
            <source>With a ratio the width is the least; two sides then grow alike.</source>
            <translation>Mit einem Verhältnis ist die Breite das Mindeste; zwei Seiten wachsen dann gleich.</translation>
        </message>
        <message>
            <source>With downloads</source>
            <translation>Mit Herunterladen</translation>
        </message>
        <message>
            <source>With one of these keywords</source>
            <translation>Mit einem dieser Stichworte</translation>
        </message>
        <message>
            <source>Without colour</source>
            <translation>Ohne Farbe</translation>
        </message>
        <message>
            <source>Without loss</source>
            <translation>Verlustfrei</translation>
        </message>
        <message>
            <source>Without loss makes files several times as large.</source>
            <translation>Verlustfrei macht um ein Mehrfaches größere Dateien.</translation>
        </message>
        <message>
            <source>Without loss; transparency, 8 or 16 bits.</source>
            <translation>Verlustfrei; Transparenz, 8 oder 16 Bit.</translation>
        </message>
        <message>
            <source>Without these keywords</source>
            <translation>Ohne diese Stichworte</translation>
        </message>
        <message>
            <source>Words</source>
            <translation>Wörter</translation>
        </message>
        <message>
            <source>Words in the outermost mat, with what the picture tells of itself.</source>
            <translation>Worte im äußersten Passepartout, mit dem, was das Bild von sich sagt.</translation>
        </message>
        <message>
            <source>Words that are too long go on in a second and third line, before they are made smaller.</source>
            <translation>Zu lange Worte gehen in einer zweiten und dritten Zeile weiter, bevor sie kleiner werden.</translation>
        </message>
        <message>
            <source>Write ./{file} for the file, or -- before the paths</source>
            <translation>Schreiben Sie ./{file} für die Datei oder -- vor den Pfaden</translation>
        </message>
        <message>
            <source>Write in the mat</source>
            <translation>In das Passepartout schreiben</translation>
        </message>
        <message>
            <source>Write it as in 2026-05-01, 2026-05 or 2026</source>
            <translation>Schreiben Sie es wie 2026-05-01, 2026-05 oder 2026</translation>
        </message>
        <message>
            <source>Write it where the delivery says that it is</source>
            <translation>Schreiben Sie es dorthin, wo es laut Lieferung ist</translation>
        </message>
        <message>
            <source>Write it without ..</source>
            <translation>Schreiben Sie es ohne ..</translation>
        </message>
        <message>
            <source>Write its ledger as far as it came, and forget it</source>
            <translation>Sein Protokoll schreiben, so weit er kam, und ihn vergessen</translation>
        </message>
        <message>
            <source>Write station.setting=value</source>
            <translation>Schreiben Sie station.einstellung=wert</translation>
        </message>
        <message>
            <source>Write this rights sheet instead: a sheet file, an XMP file, or one of the library</source>
            <translation>Stattdessen dieses Rechteblatt schreiben: eine Blattdatei, eine XMP-Datei oder eines der Bibliothek</translation>
        </message>
        <message>
            <source>Write this sheet</source>
            <translation>Dieses Blatt schreiben</translation>
        </message>
        <message>
            <source>Write what was found: a file ending in .pdf or .html; must not exist</source>
            <translation>Schreiben, was gefunden wurde: eine Datei, die auf .pdf oder .html endet; darf noch nicht bestehen</translation>
        </message>
        <message>
            <source>XMP: a packet that is not well-formed</source>
            <translation>XMP: ein Paket, das nicht wohlgeformt ist</translation>
        </message>
        <message>
            <source>XMP: nested too deep</source>
            <translation>XMP: zu tief verschachtelt</translation>
        </message>
        <message>
            <source>Year</source>
            <translation>Jahr</translation>
        </message>
        <message>
            <source>Your libraries of seals, borders, rights sheets and deliveries</source>
            <translation>Ihre Bibliotheken von Siegeln, Rahmen, Rechteblättern und Lieferungen</translation>
        </message>
        <message>
            <source>Your name</source>
            <translation>Ihr Name</translation>
        </message>
        <message>
            <source>Your own address, as the server knows it.</source>
            <translation>Ihre eigene Adresse, wie der Server sie kennt.</translation>
        </message>
        <message>
            <source>Your web address, as it is read: {studio_link}.</source>
            <translation>Ihre Webadresse, wie man sie liest: {studio_link}.</translation>
        </message>
        <message>
            <source>ZIP</source>
            <translation>ZIP</translation>
        </message>
        <message>
            <source>Zeros are put in front: 3 makes 007.</source>
            <translation>Nullen kommen davor: 3 macht 007.</translation>
        </message>
        <message>
            <source>a PDF: its pages are taken only when it is given itself</source>
            <translation>ein PDF: seine Seiten werden nur genommen, wenn es selbst gegeben wird</translation>
        </message>
        <message>
            <source>a border</source>
            <translation>ein Rahmen</translation>
        </message>
        <message>
            <source>a camera raw file of a camera that is not known</source>
            <translation>eine Rohdatei einer nicht bekannten Kamera</translation>
        </message>
        <message>
            <source>a colour profile could not be made</source>
            <translation>ein Farbprofil konnte nicht gemacht werden</translation>
        </message>
        <message>
            <source>a colour written #rrggbb</source>
            <translation>eine Farbe, #rrggbb geschrieben</translation>
        </message>
        <message>
            <source>a command has to be named</source>
            <translation>ein Befehl muss genannt werden</translation>
        </message>
        <message>
            <source>a copy in the plan belongs to nothing</source>
            <translation>eine Kopie im Plan gehört zu nichts</translation>
        </message>
        <message>
            <source>a copy in the plan has a format its delivery does not make</source>
            <translation>eine Kopie im Plan hat ein Format, das ihre Lieferung nicht macht</translation>
        </message>
        <message>
            <source>a copy of {original} for "{delivery}"</source>
            <translation>eine Kopie von {original} für „{delivery}“</translation>
        </message>
        <message>
            <source>a copy that Keep Seal made: it is no original</source>
            <translation>eine Kopie von Keep Seal: sie ist kein Original</translation>
        </message>
        <message>
            <source>a delivery of last time can't be read: {happened}</source>
            <translation>eine Lieferung vom letzten Mal ist nicht lesbar: {happened}</translation>
        </message>
        <message>
            <source>a document ({subject})</source>
            <translation>ein Dokument ({subject})</translation>
        </message>
        <message>
            <source>a fact</source>
            <translation>eine Tatsache</translation>
        </message>
        <message>
            <source>a file of that name is there already</source>
            <translation>eine Datei dieses Namens ist schon dort</translation>
        </message>
        <message>
            <source>a file that it uses (a logo, a profile) is not here as it was when the plan was saved</source>
            <translation>eine benutzte Datei (ein Logo, ein Profil) ist nicht hier, wie sie war, als der Plan gespeichert wurde</translation>
        </message>
        <message>
            <source>a kept job can't be read: {happened}</source>
            <translation>ein behaltener Auftrag ist nicht lesbar: {happened}</translation>
        </message>
        <message>
            <source>a link that leads nowhere</source>
            <translation>ein Verweis ins Leere</translation>
        </message>
        <message>
            <source>a link to a folder: it is not followed</source>
            <translation>ein Verweis auf einen Ordner: ihm wird nicht gefolgt</translation>
        </message>
        <message>
            <source>a link: it is not followed, name what it leads to</source>
            <translation>eine Verknüpfung: Ihr wird nicht gefolgt, nennen Sie, wohin sie führt</translation>
        </message>
        <message>
            <source>a name with control characters is not sent</source>
            <translation>ein Name mit Steuerzeichen wird nicht gesendet</translation>
        </message>
        <message>
            <source>a number from {least} to {most}</source>
            <translation>eine Zahl von {least} bis {most}</translation>
        </message>
        <message>
            <source>a number from {least} to {most} {unit}</source>
            <translation>eine Zahl von {least} bis {most} {unit}</translation>
        </message>
        <message>
            <source>a picture ({subject}) in a format that is not read</source>
            <translation>ein Bild ({subject}) in einem Format, das nicht gelesen wird</translation>
        </message>
        <message>
            <source>a quoted cell never ends</source>
            <translation>eine Zelle in Anführungszeichen endet nie</translation>
        </message>
        <message>
            <source>a ratio of width to height such as 4:5 or 1.85, from 1:50 to 50:1</source>
            <translation>ein Verhältnis von Breite zu Höhe wie 4:5 oder 1.85, von 1:50 bis 50:1</translation>
        </message>
        <message>
            <source>a report is a PDF or an HTML page</source>
            <translation>ein Bericht ist ein PDF oder eine HTML-Seite</translation>
        </message>
        <message>
            <source>a report is of one picture</source>
            <translation>ein Bericht ist von einem Bild</translation>
        </message>
        <message>
            <source>a ring has no such setting</source>
            <translation>ein Ring hat keine solche Einstellung</translation>
        </message>
        <message>
            <source>a run that did not come to its end keeps its own journal: {file} (see 'resume --give-up')</source>
            <translation>ein Lauf, der nicht zu Ende kam, behält sein eigenes Journal: {file} (siehe „resume --give-up“)</translation>
        </message>
        <message>
            <source>a saved plan has its own pictures, deliveries and folders</source>
            <translation>ein gespeicherter Plan hat seine eigenen Bilder, Lieferungen und Ordner</translation>
        </message>
        <message>
            <source>a seal is saved as .png or .svg</source>
            <translation>ein Siegel wird als .png oder .svg gespeichert</translation>
        </message>
        <message>
            <source>a video or a sound</source>
            <translation>ein Film oder ein Ton</translation>
        </message>
        <message>
            <source>a whole number from {least} to {most}</source>
            <translation>eine ganze Zahl von {least} bis {most}</translation>
        </message>
        <message>
            <source>a whole number from {least} to {most} {unit}</source>
            <translation>eine ganze Zahl von {least} bis {most} {unit}</translation>
        </message>
        <message>
            <source>a worker's answer made no sense</source>
            <translation>die Antwort eines Leseprozesses ergab keinen Sinn</translation>
        </message>
        <message>
            <source>a worker's pixels are not as many as it said</source>
            <translation>ein Leseprozess gab nicht so viele Pixel, wie er sagte</translation>
        </message>
        <message>
            <source>address</source>
            <translation>Adresse</translation>
        </message>
        <message>
            <source>addresses, parted by commas</source>
            <translation>Adressen, durch Kommas getrennt</translation>
        </message>
        <message>
            <source>again at {day}</source>
            <translation>nochmals um {day}</translation>
        </message>
        <message>
            <source>album by {kind} to {server}</source>
            <translation>Album über {kind} an {server}</translation>
        </message>
        <message>
            <source>all of it was handed over, and the server did not answer; it may have arrived, as &lt;{id}&gt;</source>
            <translation>alles wurde übergeben, und der Server antwortete nicht; es kann angekommen sein, als &lt;{id}&gt;</translation>
        </message>
        <message>
            <source>already there</source>
            <translation>schon da</translation>
        </message>
        <message>
            <source>already there: {original}</source>
            <translation>schon da: {original}</translation>
        </message>
        <message>
            <source>alt text</source>
            <translation>Alternativtext</translation>
        </message>
        <message>
            <source>always</source>
            <translation>immer</translation>
        </message>
        <message>
            <source>among the originals</source>
            <translation>unter den Originalen</translation>
        </message>
        <message>
            <source>among the originals a copy needs another name: nothing is added to it</source>
            <translation>unter den Originalen braucht eine Kopie einen anderen Namen: Es ist nichts angehängt</translation>
        </message>
        <message>
            <source>among the originals: nothing is added to the name yet</source>
            <translation>unter den Originalen: noch ist nichts an den Namen gehängt</translation>
        </message>
        <message>
            <source>an XMP file without its picture</source>
            <translation>eine XMP-Datei ohne ihr Bild</translation>
        </message>
        <message>
            <source>an XMP file: it is read with its picture</source>
            <translation>eine XMP-Datei: sie wird mit ihrem Bild gelesen</translation>
        </message>
        <message>
            <source>an earlier copy of Keep Seal's is replaced</source>
            <translation>eine frühere Kopie von Keep Seal wird ersetzt</translation>
        </message>
        <message>
            <source>an existing creator holds</source>
            <translation>ein vorhandener Urheber enthält</translation>
        </message>
        <message>
            <source>an original</source>
            <translation>ein Original</translation>
        </message>
        <message>
            <source>another Keep Seal is sending</source>
            <translation>ein anderes Keep Seal sendet</translation>
        </message>
        <message>
            <source>another copy of this run has the plain name</source>
            <translation>eine andere Kopie dieses Laufs hat den einfachen Namen</translation>
        </message>
        <message>
            <source>another run is writing there now</source>
            <translation>ein anderer Lauf schreibt jetzt dort</translation>
        </message>
        <message>
            <source>any</source>
            <translation>beliebig</translation>
        </message>
        <message>
            <source>anything else</source>
            <translation>alles andere</translation>
        </message>
        <message>
            <source>as designed: dark version, contrast {contrast} : 1</source>
            <translation>wie entworfen: dunkle Fassung, Kontrast {contrast} : 1</translation>
        </message>
        <message>
            <source>as designed: light version, contrast {contrast} : 1</source>
            <translation>wie entworfen: helle Fassung, Kontrast {contrast} : 1</translation>
        </message>
        <message>
            <source>as shot, set upright</source>
            <translation>wie aufgenommen, aufgerichtet</translation>
        </message>
        <message>
            <source>as small as unseen</source>
            <translation>so klein wie ungesehen</translation>
        </message>
        <message>
            <source>at most {bytes}</source>
            <translation>höchstens {bytes}</translation>
        </message>
        <message numerus="yes">
            <source>begun {day}, {made} of {n} copies made</source>
            <translation>
                <numerusform>begonnen {day}, {made} von {n} Kopie gemacht</numerusform>
                <numerusform>begonnen {day}, {made} von {n} Kopien gemacht</numerusform>
            </translation>
        </message>
        <message>
            <source>beside, in {folder}</source>
            <translation>daneben, in {folder}</translation>
        </message>
        <message>
            <source>bottom</source>
            <translation>unten</translation>
        </message>
        <message>
            <source>bottom left</source>
            <translation>unten links</translation>
        </message>
        <message>
            <source>bottom right</source>
            <translation>unten rechts</translation>
        </message>
        <message>
            <source>boxes nested too deep</source>
            <translation>zu tief verschachtelte Boxen</translation>
        </message>
        <message>
            <source>bytes</source>
            <translation>Bytes</translation>
        </message>
        <message>
            <source>camera</source>
            <translation>Kamera</translation>
        </message>
        <message>
            <source>camera and exposure</source>
            <translation>Kamera und Belichtung</translation>
        </message>
        <message>
            <source>can't be read any more</source>
            <translation>nicht mehr lesbar</translation>
        </message>
        <message>
            <source>caption</source>
            <translation>Bildunterschrift</translation>
        </message>
        <message>
            <source>centre</source>
            <translation>Mitte</translation>
        </message>
        <message>
            <source>changed</source>
            <translation>geändert</translation>
        </message>
        <message>
            <source>changed to: {text}</source>
            <translation>geändert in: {text}</translation>
        </message>
        <message>
            <source>characters of the caption that are in none of the typefaces: {count}</source>
            <translation>Zeichen der Bildunterschrift, die in keiner Schrift sind: {count}</translation>
        </message>
        <message>
            <source>characters of the seal that are in none of the typefaces: {count}</source>
            <translation>Zeichen des Siegels, die in keiner Schrift sind: {count}</translation>
        </message>
        <message>
            <source>city</source>
            <translation>Stadt</translation>
        </message>
        <message>
            <source>cm</source>
            <translation>cm</translation>
        </message>
        <message>
            <source>contact</source>
            <translation>Kontakt</translation>
        </message>
        <message>
            <source>contact details</source>
            <translation>Kontaktdaten</translation>
        </message>
        <message>
            <source>coordinates stand in {where}</source>
            <translation>Koordinaten stehen in „{where}“</translation>
        </message>
        <message>
            <source>copyright notice</source>
            <translation>Copyright-Vermerk</translation>
        </message>
        <message>
            <source>copyright owner</source>
            <translation>Rechteinhaber</translation>
        </message>
        <message>
            <source>copyright status</source>
            <translation>Copyright-Status</translation>
        </message>
        <message>
            <source>count</source>
            <translation>count</translation>
        </message>
        <message>
            <source>country</source>
            <translation>Land</translation>
        </message>
        <message>
            <source>country code</source>
            <translation>Ländercode</translation>
        </message>
        <message>
            <source>covers what seems to be the subject</source>
            <translation>bedeckt, was das Motiv zu sein scheint</translation>
        </message>
        <message>
            <source>creator</source>
            <translation>Urheber</translation>
        </message>
        <message>
            <source>creator's job title</source>
            <translation>Berufsbezeichnung des Urhebers</translation>
        </message>
        <message>
            <source>credit line</source>
            <translation>Bildnachweis</translation>
        </message>
        <message>
            <source>cropped by hand</source>
            <translation>von Hand zugeschnitten</translation>
        </message>
        <message>
            <source>cropped to {shape}</source>
            <translation>zugeschnitten auf {shape}</translation>
        </message>
        <message>
            <source>cropped {size}</source>
            <translation>zugeschnitten {size}</translation>
        </message>
        <message>
            <source>dark version</source>
            <translation>dunkle Fassung</translation>
        </message>
        <message>
            <source>data mining</source>
            <translation>Data-Mining</translation>
        </message>
        <message>
            <source>date</source>
            <translation>Datum</translation>
        </message>
        <message>
            <source>date taken</source>
            <translation>Aufnahmedatum</translation>
        </message>
        <message>
            <source>decoding it takes about {bytes} of memory, and one picture may have {most} of this machine's</source>
            <translation>es zu lesen braucht etwa {bytes} Speicher, und ein Bild darf {most} von dem dieser Maschine haben</translation>
        </message>
        <message>
            <source>delivered all the same</source>
            <translation>trotzdem geliefert</translation>
        </message>
        <message>
            <source>description</source>
            <translation>Beschreibung</translation>
        </message>
        <message>
            <source>developed from the camera's raw data, with the camera's white balance</source>
            <translation>aus den Rohdaten der Kamera entwickelt, mit dem Weißabgleich der Kamera</translation>
        </message>
        <message>
            <source>digital source type</source>
            <translation>Art der digitalen Quelle</translation>
        </message>
        <message>
            <source>e-mail</source>
            <translation>E-Mail</translation>
        </message>
        <message>
            <source>easily cropped away</source>
            <translation>leicht wegzuschneiden</translation>
        </message>
        <message>
            <source>editing history</source>
            <translation>Bearbeitungsverlauf</translation>
        </message>
        <message>
            <source>embedded previews</source>
            <translation>eingebettete Vorschaubilder</translation>
        </message>
        <message>
            <source>empty</source>
            <translation>leer</translation>
        </message>
        <message>
            <source>encoded anew with the quality of its delivery: {why}</source>
            <translation>neu kodiert mit der Qualität seiner Lieferung: {why}</translation>
        </message>
        <message>
            <source>event</source>
            <translation>Ereignis</translation>
        </message>
        <message>
            <source>every picture</source>
            <translation>jedes Bild</translation>
        </message>
        <message>
            <source>extended description</source>
            <translation>erweiterte Beschreibung</translation>
        </message>
        <message>
            <source>fast marching</source>
            <translation>Fast Marching</translation>
        </message>
        <message>
            <source>fewer crops lose it there</source>
            <translation>dort verlieren es weniger Zuschnitte</translation>
        </message>
        <message>
            <source>fitted {size}</source>
            <translation>eingepasst {size}</translation>
        </message>
        <message>
            <source>foreign</source>
            <translation>fremd</translation>
        </message>
        <message>
            <source>full size</source>
            <translation>volle Größe</translation>
        </message>
        <message>
            <source>gone</source>
            <translation>fort</translation>
        </message>
        <message>
            <source>grain</source>
            <translation>Korn</translation>
        </message>
        <message>
            <source>grey</source>
            <translation>grau</translation>
        </message>
        <message>
            <source>greyscale</source>
            <translation>Graustufen</translation>
        </message>
        <message>
            <source>hard to read</source>
            <translation>schwer lesbar</translation>
        </message>
        <message>
            <source>headline</source>
            <translation>Überschrift</translation>
        </message>
        <message>
            <source>held</source>
            <translation>festgehalten</translation>
        </message>
        <message>
            <source>held back</source>
            <translation>zurückgehalten</translation>
        </message>
        <message>
            <source>held back: {original} for "{delivery}"</source>
            <translation>zurückgehalten: {original} für „{delivery}“</translation>
        </message>
        <message>
            <source>held back: {original}: {sentence}</source>
            <translation>zurückgehalten: {original}: {sentence}</translation>
        </message>
        <message>
            <source>hidden: its name begins with a dot</source>
            <translation>verborgen: der Name beginnt mit einem Punkt</translation>
        </message>
        <message>
            <source>holds the copy back</source>
            <translation>hält die Kopie zurück</translation>
        </message>
        <message>
            <source>if {what} {text}</source>
            <translation>wenn {what} {text}</translation>
        </message>
        <message>
            <source>image resources: no block where one should be</source>
            <translation>Bildressourcen: kein Block, wo einer sein müsste</translation>
        </message>
        <message>
            <source>in</source>
            <translation>in</translation>
        </message>
        <message>
            <source>in a letter to {place}, {when}</source>
            <translation>in einem Brief an {place}, {when}</translation>
        </message>
        <message>
            <source>in grey</source>
            <translation>in Grau</translation>
        </message>
        <message>
            <source>inside {box}</source>
            <translation>in {box}</translation>
        </message>
        <message>
            <source>instructions</source>
            <translation>Anweisungen</translation>
        </message>
        <message>
            <source>it can't be read</source>
            <translation>nicht lesbar</translation>
        </message>
        <message>
            <source>it can't be read: {happened}</source>
            <translation>nicht lesbar: {happened}</translation>
        </message>
        <message>
            <source>it can't be set aside: {reason}</source>
            <translation>es lässt sich nicht beiseitelegen: {reason}</translation>
        </message>
        <message>
            <source>it can't be written: {reason}</source>
            <translation>es lässt sich nicht schreiben: {reason}</translation>
        </message>
        <message>
            <source>it covers less of the subject there</source>
            <translation>dort bedeckt es weniger vom Motiv</translation>
        </message>
        <message>
            <source>it declares entities</source>
            <translation>es erklärt Entitäten</translation>
        </message>
        <message>
            <source>it exists already</source>
            <translation>es besteht schon</translation>
        </message>
        <message>
            <source>it goes among the originals: {subject} gets a new file</source>
            <translation>es kommt unter die Originale: {subject} bekommt eine neue Datei</translation>
        </message>
        <message>
            <source>it has a gain map for bright screens: it is left out, and the copy is the plain picture</source>
            <translation>es hat eine Verstärkungskarte für helle Bildschirme: sie fällt weg, und die Kopie ist das einfache Bild</translation>
        </message>
        <message>
            <source>it has another key than the accepted one: {hostKey}</source>
            <translation>er hat einen anderen Schlüssel als den angenommenen: {hostKey}</translation>
        </message>
        <message>
            <source>it has more than 50,000 elements</source>
            <translation>es hat mehr als 50.000 Elemente</translation>
        </message>
        <message>
            <source>it has no seal</source>
            <translation>es hat kein Siegel</translation>
        </message>
        <message>
            <source>it has none of the delivery's keywords ({keywords})</source>
            <translation>es hat keines der Stichworte der Lieferung ({keywords})</translation>
        </message>
        <message>
            <source>it has the keyword</source>
            <translation>es hat das Stichwort</translation>
        </message>
        <message>
            <source>it has {count} pictures and none of those asked for ({subject})</source>
            <translation>es hat {count} Bilder und keines der verlangten ({subject})</translation>
        </message>
        <message>
            <source>it holds "{name}"</source>
            <translation>es enthält „{name}“</translation>
        </message>
        <message>
            <source>it holds "{name}", which leads out of it</source>
            <translation>es enthält „{name}“, was aus ihm hinausführt</translation>
        </message>
        <message>
            <source>it holds a damaged picture</source>
            <translation>es enthält ein beschädigtes Bild</translation>
        </message>
        <message>
            <source>it holds a picture in a form that is not read</source>
            <translation>es enthält ein Bild in einer Form, die nicht gelesen wird</translation>
        </message>
        <message>
            <source>it holds a picture of more than 16 megapixels</source>
            <translation>es enthält ein Bild mit mehr als 16 Megapixeln</translation>
        </message>
        <message>
            <source>it holds a script ("{name}")</source>
            <translation>es enthält ein Skript („{name}“)</translation>
        </message>
        <message>
            <source>it holds more than {most} files</source>
            <translation>es enthält mehr als {most} Dateien</translation>
        </message>
        <message>
            <source>it is CMYK without a colour profile: a common one was taken</source>
            <translation>es ist CMYK ohne Farbprofil: ein übliches wurde genommen</translation>
        </message>
        <message>
            <source>it is being read</source>
            <translation>es wird gelesen</translation>
        </message>
        <message>
            <source>it is damaged</source>
            <translation>es ist beschädigt</translation>
        </message>
        <message>
            <source>it is easier to read there</source>
            <translation>dort ist es leichter zu lesen</translation>
        </message>
        <message>
            <source>it is larger than a letter may be</source>
            <translation>sie ist größer, als ein Brief sein darf</translation>
        </message>
        <message>
            <source>it is not read: {what}</source>
            <translation>es wird nicht gelesen: {what}</translation>
        </message>
        <message>
            <source>it is not whole</source>
            <translation>sie ist nicht ganz</translation>
        </message>
        <message>
            <source>it is too long for an XMP file</source>
            <translation>sie ist für eine XMP-Datei zu lang</translation>
        </message>
        <message>
            <source>it is turned upright</source>
            <translation>es wird aufgerichtet</translation>
        </message>
        <message>
            <source>it needs a ledger and --output or --album, or --merge</source>
            <translation>es braucht ein Protokoll und --output oder --album, oder --merge</translation>
        </message>
        <message>
            <source>it refers to something outside itself ("{text}")</source>
            <translation>es verweist nach außen („{text}“)</translation>
        </message>
        <message>
            <source>it repeats its own parts without end</source>
            <translation>es wiederholt seine eigenen Teile ohne Ende</translation>
        </message>
        <message>
            <source>it stands in the file's bytes</source>
            <translation>er steht in den Bytes der Datei</translation>
        </message>
        <message>
            <source>it was being handed over when the line or this program ended; it may have arrived, as {sentAs}</source>
            <translation>es wurde gerade übergeben, als die Leitung oder dieses Programm endete; es kann angekommen sein, als {sentAs}</translation>
        </message>
        <message>
            <source>it was changed since it was made</source>
            <translation>sie wurde geändert, seit sie gemacht wurde</translation>
        </message>
        <message>
            <source>it was planned by version {program}, and this is {current}</source>
            <translation>er wurde mit Version {program} geplant, und dies ist {current}</translation>
        </message>
        <message>
            <source>it was saved by a newer Keep Seal (version {version}, this one reads up to {newest})</source>
            <translation>es wurde von einem neueren Keep Seal gespeichert (Version {version}, dieses liest bis {newest})</translation>
        </message>
        <message>
            <source>it was stopped</source>
            <translation>es wurde angehalten</translation>
        </message>
        <message>
            <source>it was stopped; no album was made</source>
            <translation>es wurde angehalten; kein Album wurde gemacht</translation>
        </message>
        <message>
            <source>it was stopped; the album goes on later</source>
            <translation>es wurde angehalten; das Album geht später weiter</translation>
        </message>
        <message>
            <source>it was taken from</source>
            <translation>es wurde aufgenommen ab</translation>
        </message>
        <message>
            <source>it was taken up to</source>
            <translation>es wurde aufgenommen bis</translation>
        </message>
        <message>
            <source>it would be drawn at {size} pixels</source>
            <translation>es würde mit {size} Pixeln gezeichnet</translation>
        </message>
        <message>
            <source>its JPEG is of a rare kind</source>
            <translation>sein JPEG ist von seltener Art</translation>
        </message>
        <message>
            <source>its blocks can't be coded so</source>
            <translation>seine Blöcke lassen sich so nicht codieren</translation>
        </message>
        <message>
            <source>its colour profile can't be used and was set aside</source>
            <translation>sein Farbprofil ist nicht brauchbar und wurde beiseitegelassen</translation>
        </message>
        <message>
            <source>its colours are converted</source>
            <translation>seine Farben werden umgerechnet</translation>
        </message>
        <message>
            <source>its colours are converted from its own profile</source>
            <translation>seine Farben werden aus seinem Profil umgerechnet</translation>
        </message>
        <message>
            <source>its elements lie more than 64 deep</source>
            <translation>seine Elemente liegen mehr als 64 tief</translation>
        </message>
        <message>
            <source>its file name fits</source>
            <translation>sein Dateiname passt auf</translation>
        </message>
        <message>
            <source>its finish changes all of it</source>
            <translation>seine Ausarbeitung ändert alles daran</translation>
        </message>
        <message>
            <source>its folder fits</source>
            <translation>sein Ordner passt auf</translation>
        </message>
        <message>
            <source>its key was not accepted yet; it has {hostKey}</source>
            <translation>sein Schlüssel wurde noch nicht angenommen; er hat {hostKey}</translation>
        </message>
        <message>
            <source>its mark covers too much of it</source>
            <translation>sein Zeichen bedeckt zu viel davon</translation>
        </message>
        <message>
            <source>its name is that of a picture, and it holds none</source>
            <translation>ihr Name ist der eines Bildes, und sie enthält keines</translation>
        </message>
        <message>
            <source>its password can't be read: {problem}</source>
            <translation>sein Passwort lässt sich nicht lesen: {problem}</translation>
        </message>
        <message>
            <source>its rating</source>
            <translation>seine Bewertung</translation>
        </message>
        <message>
            <source>its rating is at least</source>
            <translation>seine Bewertung ist mindestens</translation>
        </message>
        <message>
            <source>its rating, 0 to 5</source>
            <translation>seine Bewertung, 0 bis 5</translation>
        </message>
        <message>
            <source>its seal is all over it</source>
            <translation>sein Siegel geht über alles</translation>
        </message>
        <message>
            <source>its shape is</source>
            <translation>seine Form ist</translation>
        </message>
        <message>
            <source>its size in pixels</source>
            <translation>ihre Größe in Pixeln</translation>
        </message>
        <message>
            <source>its style is damaged</source>
            <translation>sein Stil ist beschädigt</translation>
        </message>
        <message>
            <source>its style lies in another file</source>
            <translation>sein Stil liegt in einer anderen Datei</translation>
        </message>
        <message>
            <source>its style reads another file</source>
            <translation>sein Stil liest eine andere Datei</translation>
        </message>
        <message>
            <source>its texts hold {letters} letters</source>
            <translation>seine Texte haben {letters} Buchstaben</translation>
        </message>
        <message>
            <source>its words come to more than {letters} letters on this picture</source>
            <translation>seine Worte kommen auf diesem Bild auf mehr als {letters} Buchstaben</translation>
        </message>
        <message>
            <source>its {format} has only {size} pixels, to keep within {most}</source>
            <translation>sein {format} hat nur {size} Pixel, um in {most} zu bleiben</translation>
        </message>
        <message>
            <source>its {format} needs {needs}, and at most {most} are asked for</source>
            <translation>sein {format} braucht {needs}, und höchstens {most} sind verlangt</translation>
        </message>
        <message>
            <source>its {what} "{name}" is not in it</source>
            <translation>{what} „{name}“ ist nicht darin</translation>
        </message>
        <message>
            <source>job identifier</source>
            <translation>Auftragskennung</translation>
        </message>
        <message>
            <source>kB</source>
            <translation>kB</translation>
        </message>
        <message>
            <source>keep-seal-cli report LEDGER -o sheet.pdf</source>
            <translation>keep-seal-cli report PROTOKOLL -o bogen.pdf</translation>
        </message>
        <message>
            <source>keywords</source>
            <translation>Stichworte</translation>
        </message>
        <message>
            <source>left</source>
            <translation>links</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>ausgelassen</translation>
        </message>
        <message>
            <source>left out by hand</source>
            <translation>von Hand ausgelassen</translation>
        </message>
        <message>
            <source>left out: {original}</source>
            <translation>ausgelassen: {original}</translation>
        </message>
        <message>
            <source>letter to {who}</source>
            <translation>Brief an {who}</translation>
        </message>
        <message>
            <source>levels</source>
            <translation>Tonwerte</translation>
        </message>
        <message>
            <source>libcurl on this machine can't do it: {reason}</source>
            <translation>libcurl kann es auf dieser Maschine nicht: {reason}</translation>
        </message>
        <message>
            <source>libvips did not start: {reason}</source>
            <translation>libvips startete nicht: {reason}</translation>
        </message>
        <message>
            <source>licensor</source>
            <translation>Lizenzgeber</translation>
        </message>
        <message>
            <source>licensor's e-mail</source>
            <translation>E-Mail des Lizenzgebers</translation>
        </message>
        <message>
            <source>licensor's phone</source>
            <translation>Telefon des Lizenzgebers</translation>
        </message>
        <message>
            <source>licensor's web page</source>
            <translation>Webseite des Lizenzgebers</translation>
        </message>
        <message>
            <source>light version</source>
            <translation>helle Fassung</translation>
        </message>
        <message>
            <source>location</source>
            <translation>Aufnahmeort</translation>
        </message>
        <message>
            <source>location is to be kept, but nobody said so in words</source>
            <translation>der Aufnahmeort soll bleiben, aber niemand hat es in Worten gesagt</translation>
        </message>
        <message>
            <source>logging in</source>
            <translation>beim Anmelden</translation>
        </message>
        <message>
            <source>look: {folder} has only {bytes} left</source>
            <translation>anzusehen: {folder} hat nur noch {bytes} frei</translation>
        </message>
        <message>
            <source>look: {sentence}</source>
            <translation>anzusehen: {sentence}</translation>
        </message>
        <message>
            <source>looking for a file there</source>
            <translation>beim Suchen einer Datei dort</translation>
        </message>
        <message>
            <source>made as {file}</source>
            <translation>gemacht als {file}</translation>
        </message>
        <message>
            <source>made by an earlier run and unchanged</source>
            <translation>von einem früheren Lauf gemacht und unverändert</translation>
        </message>
        <message>
            <source>make sealed, rights-labelled copies of pictures that tell no place</source>
            <translation>macht Kopien von Bildern, versiegelt, mit Rechten beschriftet und ohne Orte</translation>
        </message>
        <message>
            <source>mat of its own</source>
            <translation>eigenes Passepartout</translation>
        </message>
        <message>
            <source>mat {width} %</source>
            <translation>Passepartout {width} %</translation>
        </message>
        <message>
            <source>mat {width} % long</source>
            <translation>Passepartout {width} % lang</translation>
        </message>
        <message>
            <source>mat {width} mm</source>
            <translation>Passepartout {width} mm</translation>
        </message>
        <message>
            <source>mat {width} px</source>
            <translation>Passepartout {width} px</translation>
        </message>
        <message>
            <source>metadata could not be packed</source>
            <translation>Metadaten konnten nicht gepackt werden</translation>
        </message>
        <message>
            <source>metadata does not fit into one JPEG segment</source>
            <translation>die Metadaten passen nicht in ein JPEG-Segment</translation>
        </message>
        <message>
            <source>mirrored</source>
            <translation>gespiegelt</translation>
        </message>
        <message>
            <source>missing</source>
            <translation>fehlend</translation>
        </message>
        <message>
            <source>mm</source>
            <translation>mm</translation>
        </message>
        <message>
            <source>mm on paper</source>
            <translation>mm auf Papier</translation>
        </message>
        <message>
            <source>more than 20000 pieces of metadata</source>
            <translation>mehr als 20000 einzelne Metadaten</translation>
        </message>
        <message>
            <source>more than 24 MB of texts and values</source>
            <translation>mehr als 24 MB Texte und Werte</translation>
        </message>
        <message>
            <source>more than 64 MB of packed or structured text</source>
            <translation>mehr als 64 MB gepackten oder gegliederten Text</translation>
        </message>
        <message>
            <source>more than a million entries</source>
            <translation>mehr als eine Million Einträge</translation>
        </message>
        <message>
            <source>name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>no ICC profile is chosen yet</source>
            <translation>noch ist kein ICC-Profil gewählt</translation>
        </message>
        <message>
            <source>no address named yet</source>
            <translation>noch keine Adresse genannt</translation>
        </message>
        <message>
            <source>no border</source>
            <translation>kein Rahmen</translation>
        </message>
        <message>
            <source>no coefficients are read at that size</source>
            <translation>in dieser Größe werden keine Koeffizienten gelesen</translation>
        </message>
        <message>
            <source>no copy of {sentence}</source>
            <translation>keine Kopie von {sentence}</translation>
        </message>
        <message>
            <source>no file but a {subject}</source>
            <translation>keine Datei, sondern {subject}</translation>
        </message>
        <message>
            <source>no file is chosen for the logo</source>
            <translation>keine Datei für das Logo gewählt</translation>
        </message>
        <message>
            <source>no file that can be read</source>
            <translation>keine Datei, die gelesen werden kann</translation>
        </message>
        <message>
            <source>no folder chosen yet</source>
            <translation>noch kein Ordner gewählt</translation>
        </message>
        <message>
            <source>no folder named yet</source>
            <translation>noch kein Ordner genannt</translation>
        </message>
        <message>
            <source>no format chosen</source>
            <translation>kein Format gewählt</translation>
        </message>
        <message>
            <source>no free name was found</source>
            <translation>kein freier Name wurde gefunden</translation>
        </message>
        <message>
            <source>no free name was found for {name}</source>
            <translation>kein freier Name wurde gefunden für {name}</translation>
        </message>
        <message>
            <source>no job can be kept there: {reason}</source>
            <translation>dort kann kein Auftrag behalten werden: {reason}</translation>
        </message>
        <message>
            <source>no limit</source>
            <translation>keine Grenze</translation>
        </message>
        <message>
            <source>no rating</source>
            <translation>keine Bewertung</translation>
        </message>
        <message>
            <source>no rights written</source>
            <translation>keine Rechte eingetragen</translation>
        </message>
        <message>
            <source>no run was interrupted</source>
            <translation>kein Lauf wurde unterbrochen</translation>
        </message>
        <message>
            <source>no seal</source>
            <translation>kein Siegel</translation>
        </message>
        <message>
            <source>no server named yet</source>
            <translation>noch kein Server genannt</translation>
        </message>
        <message>
            <source>no server of that name is found</source>
            <translation>kein Server dieses Namens wurde gefunden</translation>
        </message>
        <message>
            <source>no sheet written</source>
            <translation>kein Blatt geschrieben</translation>
        </message>
        <message>
            <source>no stated encoding in {subject}: read as Latin-1</source>
            <translation>keine Kodierung genannt in {subject}: als Latin-1 gelesen</translation>
        </message>
        <message>
            <source>nobody on this machine has said yet that copies may go there</source>
            <translation>noch hat auf dieser Maschine niemand gesagt, dass Kopien dorthin dürfen</translation>
        </message>
        <message>
            <source>none</source>
            <translation>keines</translation>
        </message>
        <message>
            <source>not a picture that we read</source>
            <translation>kein Bild, das wir lesen</translation>
        </message>
        <message>
            <source>not filled in yet</source>
            <translation>noch nicht ausgefüllt</translation>
        </message>
        <message>
            <source>not known here: {words}</source>
            <translation>hier nicht bekannt: {words}</translation>
        </message>
        <message>
            <source>not looked at yet</source>
            <translation>noch nicht angesehen</translation>
        </message>
        <message>
            <source>not reached: {original}</source>
            <translation>nicht erreicht: {original}</translation>
        </message>
        <message>
            <source>not sent</source>
            <translation>nicht gesendet</translation>
        </message>
        <message>
            <source>not sent: {sentence}</source>
            <translation>nicht gesendet: {sentence}</translation>
        </message>
        <message>
            <source>not {keywords}</source>
            <translation>nicht {keywords}</translation>
        </message>
        <message>
            <source>note: {sentence}</source>
            <translation>Hinweis: {sentence}</translation>
        </message>
        <message>
            <source>nothing came of it for {seconds} seconds</source>
            <translation>{seconds} Sekunden lang kam nichts</translation>
        </message>
        <message>
            <source>nothing can be told of it</source>
            <translation>es ist nichts darüber zu sagen</translation>
        </message>
        <message>
            <source>nothing changed</source>
            <translation>nichts geändert</translation>
        </message>
        <message>
            <source>nothing is left to read of the caption</source>
            <translation>von der Bildunterschrift bleibt nichts zu lesen</translation>
        </message>
        <message>
            <source>nothing is left to read of the seal's "{subject}"</source>
            <translation>von „{subject}“ des Siegels bleibt nichts zu lesen</translation>
        </message>
        <message>
            <source>nothing is named</source>
            <translation>es ist nichts genannt</translation>
        </message>
        <message>
            <source>notice</source>
            <translation>Vermerk</translation>
        </message>
        <message>
            <source>nudged</source>
            <translation>gerückt</translation>
        </message>
        <message>
            <source>numbers and spans from 1, such as 1-3, 5</source>
            <translation>Zahlen und Spannen ab 1, wie 1-3, 5</translation>
        </message>
        <message numerus="yes">
            <source>of {n} copies</source>
            <translation>
                <numerusform>von {n} Kopie</numerusform>
                <numerusform>von {n} Kopien</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>of {n} copies, about {bytes}</source>
            <translation>
                <numerusform>von {n} Kopie, etwa {bytes}</numerusform>
                <numerusform>von {n} Kopien, etwa {bytes}</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>of {n} ledgers</source>
            <translation>
                <numerusform>aus {n} Protokoll</numerusform>
                <numerusform>aus {n} Protokollen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>of {n} pictures</source>
            <translation>
                <numerusform>von {n} Bild</numerusform>
                <numerusform>von {n} Bildern</numerusform>
            </translation>
        </message>
        <message>
            <source>off</source>
            <translation>aus</translation>
        </message>
        <message>
            <source>old rights</source>
            <translation>alte Rechte</translation>
        </message>
        <message>
            <source>on</source>
            <translation>ein</translation>
        </message>
        <message>
            <source>on plain ground, easily painted out</source>
            <translation>auf glattem Grund, leicht wegzumalen</translation>
        </message>
        <message>
            <source>one address, as in anna@example.org</source>
            <translation>eine Adresse, wie anna@example.org</translation>
        </message>
        <message>
            <source>one line of text of at most {bytes} bytes</source>
            <translation>eine Zeile Text von höchstens {bytes} Byte</translation>
        </message>
        <message>
            <source>one of {choices}</source>
            <translation>eines von {choices}</translation>
        </message>
        <message>
            <source>only the first {size} of the PDF were searched</source>
            <translation>nur die ersten {size} des PDF wurden durchsucht</translation>
        </message>
        <message>
            <source>only the first {size} of {all} were searched</source>
            <translation>nur die ersten {size} von {all} wurden durchsucht</translation>
        </message>
        <message>
            <source>opacity {percent} %</source>
            <translation>Deckkraft {percent} %</translation>
        </message>
        <message>
            <source>or like</source>
            <translation>oder wie</translation>
        </message>
        <message>
            <source>original's quality</source>
            <translation>Qualität des Originals</translation>
        </message>
        <message>
            <source>originals of {made} byte for byte as they were</source>
            <translation>Originale von {made} Byte für Byte, wie sie waren</translation>
        </message>
        <message>
            <source>other constraints</source>
            <translation>weitere Einschränkungen</translation>
        </message>
        <message>
            <source>own profile</source>
            <translation>eigenes Profil</translation>
        </message>
        <message>
            <source>own ratio</source>
            <translation>eigenes Verhältnis</translation>
        </message>
        <message>
            <source>packed metadata came out damaged</source>
            <translation>gepackte Metadaten kamen beschädigt heraus</translation>
        </message>
        <message>
            <source>padded to {ratio}</source>
            <translation>aufgefüllt auf {ratio}</translation>
        </message>
        <message>
            <source>parts that refer to each other again and again</source>
            <translation>Teile, die immer wieder aufeinander verweisen</translation>
        </message>
        <message numerus="yes">
            <source>pasting {n} cells</source>
            <translation>
                <numerusform>{n} Zelle einfügen</numerusform>
                <numerusform>{n} Zellen einfügen</numerusform>
            </translation>
        </message>
        <message>
            <source>persons shown</source>
            <translation>abgebildete Personen</translation>
        </message>
        <message>
            <source>phone</source>
            <translation>Telefon</translation>
        </message>
        <message>
            <source>photographed from a screen</source>
            <translation>vom Bildschirm fotografiert</translation>
        </message>
        <message>
            <source>picture {page} of the {count} in the file</source>
            <translation>Bild {page} von {count} in der Datei</translation>
        </message>
        <message>
            <source>pictures {which}</source>
            <translation>Bilder {which}</translation>
        </message>
        <message>
            <source>place</source>
            <translation>Aufnahmeort</translation>
        </message>
        <message>
            <source>place removed</source>
            <translation>Ort entfernt</translation>
        </message>
        <message>
            <source>plain FTP is not used: nobody said that all may read along</source>
            <translation>einfaches FTP wird nicht benutzt: Niemand hat gesagt, dass alle mitlesen dürfen</translation>
        </message>
        <message>
            <source>points</source>
            <translation>Punkte</translation>
        </message>
        <message>
            <source>postal code</source>
            <translation>Postleitzahl</translation>
        </message>
        <message>
            <source>problem: {sentence}</source>
            <translation>Problem: {sentence}</translation>
        </message>
        <message>
            <source>province or state</source>
            <translation>Provinz oder Bundesland</translation>
        </message>
        <message>
            <source>px</source>
            <translation>px</translation>
        </message>
        <message>
            <source>px of the copy</source>
            <translation>px der Kopie</translation>
        </message>
        <message>
            <source>px/in</source>
            <translation>px/in</translation>
        </message>
        <message>
            <source>quality {quality} keeps its {format} within {most}</source>
            <translation>Qualität {quality} hält sein {format} in {most}</translation>
        </message>
        <message>
            <source>quality {quality} of its {format}: the difference is {score}, at least {least} is asked for</source>
            <translation>Qualität {quality} seines {format}: Der Unterschied ist {score}, mindestens {least} ist verlangt</translation>
        </message>
        <message>
            <source>rated {least} or more</source>
            <translation>bewertet mit {least} oder mehr</translation>
        </message>
        <message>
            <source>reading it takes more memory than it may</source>
            <translation>es zu lesen braucht mehr Speicher, als es darf</translation>
        </message>
        <message>
            <source>reading it took more than {seconds} seconds of computing</source>
            <translation>es zu lesen brauchte mehr als {seconds} Sekunden Rechenzeit</translation>
        </message>
        <message>
            <source>reading the file failed half-way</source>
            <translation>das Lesen der Datei brach mittendrin ab</translation>
        </message>
        <message>
            <source>region</source>
            <translation>Region</translation>
        </message>
        <message>
            <source>replaced</source>
            <translation>ersetzt</translation>
        </message>
        <message>
            <source>right</source>
            <translation>rechts</translation>
        </message>
        <message>
            <source>rights</source>
            <translation>Rechte</translation>
        </message>
        <message>
            <source>rights usage terms</source>
            <translation>Nutzungsbedingungen</translation>
        </message>
        <message>
            <source>rights written</source>
            <translation>Rechte eingetragen</translation>
        </message>
        <message>
            <source>sRGB</source>
            <translation>sRGB</translation>
        </message>
        <message>
            <source>seal {ratio} : 1</source>
            <translation>Siegel {ratio} : 1</translation>
        </message>
        <message>
            <source>seal, label and deliver copies of photographs</source>
            <translation>Kopien von Fotografien versiegeln, beschriften und liefern</translation>
        </message>
        <message>
            <source>sending</source>
            <translation>beim Senden</translation>
        </message>
        <message>
            <source>sending the letter</source>
            <translation>beim Senden des Briefs</translation>
        </message>
        <message>
            <source>sent</source>
            <translation>gesendet</translation>
        </message>
        <message>
            <source>sent to {place} as {name}, {when}</source>
            <translation>gesendet an {place} als {name}, {when}</translation>
        </message>
        <message>
            <source>sent: {file}</source>
            <translation>gesendet: {file}</translation>
        </message>
        <message>
            <source>serial numbers and owner</source>
            <translation>Seriennummern und Besitzer</translation>
        </message>
        <message>
            <source>serials</source>
            <translation>Seriennummern</translation>
        </message>
        <message>
            <source>sharpened {amount} %</source>
            <translation>geschärft {amount} %</translation>
        </message>
        <message>
            <source>small</source>
            <translation>klein</translation>
        </message>
        <message>
            <source>something went wrong that has no name</source>
            <translation>etwas ging schief, das keinen Namen hat</translation>
        </message>
        <message>
            <source>source</source>
            <translation>Quelle</translation>
        </message>
        <message>
            <source>square</source>
            <translation>quadratische</translation>
        </message>
        <message>
            <source>stamped again</source>
            <translation>nochmals gestempelt</translation>
        </message>
        <message>
            <source>status</source>
            <translation>status</translation>
        </message>
        <message>
            <source>still there</source>
            <translation>noch da</translation>
        </message>
        <message>
            <source>straightened {degrees}°</source>
            <translation>geradegerichtet {degrees}°</translation>
        </message>
        <message>
            <source>sublocation</source>
            <translation>Ortsteil</translation>
        </message>
        <message>
            <source>tall</source>
            <translation>hohe</translation>
        </message>
        <message>
            <source>technical</source>
            <translation>Technisches</translation>
        </message>
        <message>
            <source>tells no place</source>
            <translation>verrät keinen Ort</translation>
        </message>
        <message>
            <source>text of at most {bytes} bytes</source>
            <translation>Text von höchstens {bytes} Byte</translation>
        </message>
        <message>
            <source>text without spaces</source>
            <translation>Text ohne Leerzeichen</translation>
        </message>
        <message>
            <source>that run had no delivery "{delivery}"</source>
            <translation>jener Lauf hatte keine Lieferung „{delivery}“</translation>
        </message>
        <message>
            <source>the JPEG is damaged: bytes of it are missing</source>
            <translation>das JPEG ist beschädigt: Bytes fehlen</translation>
        </message>
        <message>
            <source>the JPEG is damaged: {why}</source>
            <translation>das JPEG ist beschädigt: {why}</translation>
        </message>
        <message>
            <source>the JPEG is not the one that was looked at</source>
            <translation>das JPEG ist nicht das, das angesehen wurde</translation>
        </message>
        <message>
            <source>the PDF could not be written: {reason}</source>
            <translation>das PDF konnte nicht geschrieben werden: {reason}</translation>
        </message>
        <message>
            <source>the PDF is locked: its words can't be read</source>
            <translation>das PDF ist gesperrt: seine Wörter sind nicht lesbar</translation>
        </message>
        <message>
            <source>the SVG can't be understood ({reason})</source>
            <translation>das SVG ist nicht zu verstehen ({reason})</translation>
        </message>
        <message>
            <source>the SVG is larger than 4 MB</source>
            <translation>das SVG ist größer als 4 MB</translation>
        </message>
        <message>
            <source>the XMP file beside it can't be read: {happened}</source>
            <translation>die XMP-Datei daneben ist nicht lesbar: {happened}</translation>
        </message>
        <message>
            <source>the XMP packet could not be composed</source>
            <translation>das XMP-Paket konnte nicht verfasst werden</translation>
        </message>
        <message>
            <source>the XMP packet could not be composed: {reason}</source>
            <translation>das XMP-Paket konnte nicht verfasst werden: {reason}</translation>
        </message>
        <message>
            <source>the camera's model</source>
            <translation>das Modell der Kamera</translation>
        </message>
        <message>
            <source>the camera's model holds</source>
            <translation>das Modell der Kamera enthält</translation>
        </message>
        <message>
            <source>the camera's own picture</source>
            <translation>das Bild der Kamera</translation>
        </message>
        <message>
            <source>the camera's own picture, as it lies in the raw file ({subject} pixels)</source>
            <translation>das Bild der Kamera, wie es in der Rohdatei liegt ({subject} Pixel)</translation>
        </message>
        <message>
            <source>the caption can't be drawn: there is no mat on its side</source>
            <translation>die Bildunterschrift lässt sich nicht zeichnen: auf ihrer Seite ist kein Passepartout</translation>
        </message>
        <message>
            <source>the caption stands in {lines} lines</source>
            <translation>die Bildunterschrift steht in {lines} Zeilen</translation>
        </message>
        <message>
            <source>the caption was made smaller to fit its mat</source>
            <translation>die Bildunterschrift wurde kleiner gemacht, um in ihr Passepartout zu passen</translation>
        </message>
        <message>
            <source>the caption's typeface "{subject}" is not here</source>
            <translation>die Schrift „{subject}“ der Bildunterschrift ist nicht hier</translation>
        </message>
        <message>
            <source>the caption's {{{subject}} has no value for this picture and was left out</source>
            <translation>{{{subject}} der Bildunterschrift hat für dieses Bild keinen Wert und fiel weg</translation>
        </message>
        <message>
            <source>the caption's {{{subject}} is no token</source>
            <translation>{{{subject}} der Bildunterschrift ist kein Platzhalter</translation>
        </message>
        <message>
            <source>the changed part is not of this JPEG</source>
            <translation>der geänderte Teil ist nicht von diesem JPEG</translation>
        </message>
        <message>
            <source>the checksum could not be started</source>
            <translation>die Prüfsumme konnte nicht begonnen werden</translation>
        </message>
        <message>
            <source>the colour profile asked for can't be used: {happened}</source>
            <translation>das verlangte Farbprofil ist nicht brauchbar: {happened}</translation>
        </message>
        <message>
            <source>the colour profile could not be packed</source>
            <translation>das Farbprofil konnte nicht gepackt werden</translation>
        </message>
        <message>
            <source>the colour profile does not fit into a JPEG</source>
            <translation>das Farbprofil passt nicht in ein JPEG</translation>
        </message>
        <message>
            <source>the contact sheet could not be drawn</source>
            <translation>der Kontaktbogen konnte nicht gezeichnet werden</translation>
        </message>
        <message>
            <source>the copy can't be written: {reason}</source>
            <translation>die Kopie lässt sich nicht schreiben: {reason}</translation>
        </message>
        <message>
            <source>the copy could not be encoded as AVIF: {reason}</source>
            <translation>die Kopie konnte nicht als AVIF kodiert werden: {reason}</translation>
        </message>
        <message>
            <source>the copy could not be encoded as JPEG XL</source>
            <translation>die Kopie konnte nicht als JPEG XL kodiert werden</translation>
        </message>
        <message>
            <source>the copy could not be encoded: {why}</source>
            <translation>die Kopie konnte nicht kodiert werden: {why}</translation>
        </message>
        <message>
            <source>the copy could not be packed</source>
            <translation>die Kopie konnte nicht gepackt werden</translation>
        </message>
        <message>
            <source>the copy has {has} pixels, {asked} were asked for: the picture is too small</source>
            <translation>die Kopie hat {has} Pixel, {asked} waren verlangt: das Bild ist zu klein</translation>
        </message>
        <message>
            <source>the copy is too large for its format</source>
            <translation>die Kopie ist für ihr Format zu groß</translation>
        </message>
        <message>
            <source>the copy lay at its place already, byte for byte</source>
            <translation>die Kopie lag schon an ihrem Platz, Byte für Byte</translation>
        </message>
        <message>
            <source>the copy was changed since it was made</source>
            <translation>die Kopie wurde geändert, seit sie gemacht wurde</translation>
        </message>
        <message>
            <source>the copy's height in pixels</source>
            <translation>die Höhe der Kopie in Pixeln</translation>
        </message>
        <message>
            <source>the copy's width in pixels</source>
            <translation>die Breite der Kopie in Pixeln</translation>
        </message>
        <message>
            <source>the copyright notice of the rights sheet</source>
            <translation>der Copyright-Vermerk des Rechteblatts</translation>
        </message>
        <message>
            <source>the copyright notice of the rights sheet, else of its metadata</source>
            <translation>der Copyright-Vermerk des Rechteblatts, sonst der Metadaten</translation>
        </message>
        <message>
            <source>the creator of the rights sheet</source>
            <translation>der Urheber des Rechteblatts</translation>
        </message>
        <message>
            <source>the creator of the rights sheet, else of its metadata</source>
            <translation>der Urheber des Rechteblatts, sonst der Metadaten</translation>
        </message>
        <message>
            <source>the credit line of the rights sheet</source>
            <translation>der Bildnachweis des Rechteblatts</translation>
        </message>
        <message>
            <source>the credit line of the rights sheet, else of its metadata</source>
            <translation>der Bildnachweis des Rechteblatts, sonst der Metadaten</translation>
        </message>
        <message>
            <source>the day it was taken</source>
            <translation>der Tag der Aufnahme</translation>
        </message>
        <message>
            <source>the day it was taken, as 2026-05-01</source>
            <translation>der Tag der Aufnahme, wie 2026-05-01</translation>
        </message>
        <message>
            <source>the day of the month it was taken</source>
            <translation>der Monatstag der Aufnahme</translation>
        </message>
        <message>
            <source>the day of the month it was taken, as 01</source>
            <translation>der Monatstag der Aufnahme, wie 01</translation>
        </message>
        <message>
            <source>the delivery takes no picture with the keyword "{keyword}"</source>
            <translation>die Lieferung nimmt kein Bild mit dem Stichwort „{keyword}“</translation>
        </message>
        <message>
            <source>the delivery takes pictures rated {least} or more; this one has {rating}</source>
            <translation>die Lieferung nimmt Bilder, die mit {least} oder mehr bewertet sind; dieses hat {rating}</translation>
        </message>
        <message>
            <source>the delivery takes {shape} pictures only</source>
            <translation>die Lieferung nimmt nur {shape} Bilder</translation>
        </message>
        <message>
            <source>the delivery's name</source>
            <translation>der Name der Lieferung</translation>
        </message>
        <message>
            <source>the description in its metadata</source>
            <translation>die Beschreibung in den Metadaten</translation>
        </message>
        <message>
            <source>the desktop's secret store can't be used: {why}</source>
            <translation>der Passwortspeicher des Desktops ist nicht nutzbar: {why}</translation>
        </message>
        <message>
            <source>the difference of its {format} is {score} at quality {quality}, and at least {least} is asked for</source>
            <translation>der Unterschied seines {format} ist {score} bei Qualität {quality}, und mindestens {least} ist verlangt</translation>
        </message>
        <message>
            <source>the encoder made a broken JPEG</source>
            <translation>der Kodierer machte ein kaputtes JPEG</translation>
        </message>
        <message>
            <source>the encoder made a broken PNG</source>
            <translation>der Kodierer machte ein kaputtes PNG</translation>
        </message>
        <message>
            <source>the encoder made a broken TIFF</source>
            <translation>der Kodierer machte ein kaputtes TIFF</translation>
        </message>
        <message>
            <source>the encoder made a file of unexpected form</source>
            <translation>der Kodierer machte eine Datei unerwarteter Form</translation>
        </message>
        <message>
            <source>the encoder made no JPEG</source>
            <translation>der Kodierer machte kein JPEG</translation>
        </message>
        <message>
            <source>the encoder made no PNG</source>
            <translation>der Kodierer machte kein PNG</translation>
        </message>
        <message>
            <source>the encoder made no TIFF</source>
            <translation>der Kodierer machte kein TIFF</translation>
        </message>
        <message>
            <source>the encoder made no WebP</source>
            <translation>der Kodierer machte kein WebP</translation>
        </message>
        <message>
            <source>the encoder made no page</source>
            <translation>der Kodierer machte keine Seite</translation>
        </message>
        <message>
            <source>the encoder made too long a TIFF of the old kind</source>
            <translation>der Kodierer machte ein zu langes TIFF der alten Art</translation>
        </message>
        <message>
            <source>the event in its metadata</source>
            <translation>das Ereignis in den Metadaten</translation>
        </message>
        <message>
            <source>the file can't be read</source>
            <translation>die Datei ist nicht lesbar</translation>
        </message>
        <message>
            <source>the file can't be read: {reason}</source>
            <translation>die Datei ist nicht lesbar: {reason}</translation>
        </message>
        <message>
            <source>the file changed while it was read</source>
            <translation>die Datei änderte sich, während sie gelesen wurde</translation>
        </message>
        <message>
            <source>the file could not be put together</source>
            <translation>die Datei konnte nicht zusammengesetzt werden</translation>
        </message>
        <message>
            <source>the file holds {count} pictures: no more than the first {most} are taken</source>
            <translation>die Datei enthält {count} Bilder: genommen werden höchstens die ersten {most}</translation>
        </message>
        <message>
            <source>the file holds {count} pictures: only the first is used</source>
            <translation>die Datei enthält {count} Bilder: nur das erste wird genommen</translation>
        </message>
        <message>
            <source>the file is empty</source>
            <translation>die Datei ist leer</translation>
        </message>
        <message>
            <source>the file is larger than 32 MB</source>
            <translation>die Datei ist größer als 32 MB</translation>
        </message>
        <message>
            <source>the file is not searched whole: it holds {what}</source>
            <translation>die Datei ist nicht ganz durchsucht: Sie enthält {what}</translation>
        </message>
        <message>
            <source>the file's name without its ending</source>
            <translation>der Name der Datei ohne Endung</translation>
        </message>
        <message>
            <source>the fingerprint could not be started</source>
            <translation>der Fingerabdruck konnte nicht begonnen werden</translation>
        </message>
        <message>
            <source>the finished copy could not be searched whole: {subject}</source>
            <translation>die fertige Kopie ließ sich nicht ganz durchsuchen: {subject}</translation>
        </message>
        <message>
            <source>the finished copy holds what was not promised: {subject}</source>
            <translation>die fertige Kopie enthält, was nicht versprochen war: {subject}</translation>
        </message>
        <message>
            <source>the finished copy is not as it was planned: {subject}</source>
            <translation>die fertige Kopie ist nicht wie geplant: {subject}</translation>
        </message>
        <message>
            <source>the finished copy tells a place: {subject}</source>
            <translation>die fertige Kopie verrät einen Ort: {subject}</translation>
        </message>
        <message>
            <source>the folder "{typed}" leads out of the place and became "{subject}"</source>
            <translation>der Ordner „{typed}“ führt hinaus und wurde „{subject}“</translation>
        </message>
        <message>
            <source>the folder can't be read: {reason}</source>
            <translation>der Ordner ist nicht lesbar: {reason}</translation>
        </message>
        <message>
            <source>the ground is harder to paint out there</source>
            <translation>dort ist der Grund schwerer wegzumalen</translation>
        </message>
        <message>
            <source>the header claims {width} x {height} pixels</source>
            <translation>der Kopf der Datei behauptet {width} x {height} Pixel</translation>
        </message>
        <message>
            <source>the header claims {width} x {height} pixels; logos have at most 60 megapixels</source>
            <translation>der Kopf der Datei behauptet {width} x {height} Pixel; Logos haben höchstens 60 Megapixel</translation>
        </message>
        <message>
            <source>the headline in its metadata</source>
            <translation>die Überschrift in den Metadaten</translation>
        </message>
        <message>
            <source>the hour it was taken</source>
            <translation>die Stunde der Aufnahme</translation>
        </message>
        <message>
            <source>the job identifier in its metadata</source>
            <translation>die Auftragskennung in den Metadaten</translation>
        </message>
        <message>
            <source>the job's name</source>
            <translation>der Name des Auftrags</translation>
        </message>
        <message>
            <source>the keywords in its metadata</source>
            <translation>die Stichworte in den Metadaten</translation>
        </message>
        <message>
            <source>the library holds another one of that name</source>
            <translation>die Bibliothek hat ein anderes dieses Namens</translation>
        </message>
        <message>
            <source>the logo can't be drawn ({reason})</source>
            <translation>das Logo lässt sich nicht zeichnen ({reason})</translation>
        </message>
        <message>
            <source>the logo can't be read ({reason})</source>
            <translation>das Logo ist nicht lesbar ({reason})</translation>
        </message>
        <message>
            <source>the logo has no usable size</source>
            <translation>das Logo hat keine brauchbare Größe</translation>
        </message>
        <message>
            <source>the logo is no drawing any more</source>
            <translation>das Logo ist keine Zeichnung mehr</translation>
        </message>
        <message>
            <source>the logo {name} can't be drawn: {happened}</source>
            <translation>das Logo {name} lässt sich nicht zeichnen: {happened}</translation>
        </message>
        <message>
            <source>the logo {name} is enlarged: it has {has} pixels and needs {needs}</source>
            <translation>das Logo {name} wird vergrößert: es hat {has} Pixel und braucht {needs}</translation>
        </message>
        <message>
            <source>the minute it was taken</source>
            <translation>die Minute der Aufnahme</translation>
        </message>
        <message>
            <source>the month it was taken</source>
            <translation>der Monat der Aufnahme</translation>
        </message>
        <message>
            <source>the month it was taken, as 05</source>
            <translation>der Monat der Aufnahme, wie 05</translation>
        </message>
        <message>
            <source>the name is taken, and "{delivery}" says not to begin then</source>
            <translation>der Name ist vergeben, und „{delivery}“ sagt, dass dann nicht begonnen wird</translation>
        </message>
        <message>
            <source>the name of a typeface family</source>
            <translation>der Name einer Schriftfamilie</translation>
        </message>
        <message>
            <source>the name of the folder the original lies in</source>
            <translation>der Name des Ordners, in dem das Original liegt</translation>
        </message>
        <message>
            <source>the name's {{{subject}} has no value for this picture</source>
            <translation>{{{subject}} im Namen hat für dieses Bild keinen Wert</translation>
        </message>
        <message>
            <source>the original is another one now</source>
            <translation>das Original ist jetzt ein anderes</translation>
        </message>
        <message>
            <source>the original vanished during the run</source>
            <translation>das Original verschwand während des Laufs</translation>
        </message>
        <message>
            <source>the original was changed by another program during the run</source>
            <translation>das Original wurde während des Laufs von einem anderen Programm geändert</translation>
        </message>
        <message>
            <source>the original's own quality, untouched outside the mark</source>
            <translation>die Qualität des Originals, außerhalb des Zeichens unberührt</translation>
        </message>
        <message>
            <source>the outbox can't be used: {reason}</source>
            <translation>der Ausgang ist nicht nutzbar: {reason}</translation>
        </message>
        <message>
            <source>the page or frame of a file that holds several</source>
            <translation>Seite oder Einzelbild einer Datei, die mehrere enthält</translation>
        </message>
        <message>
            <source>the pages of help are not there</source>
            <translation>die Seiten der Hilfe sind nicht da</translation>
        </message>
        <message>
            <source>the part "{subject}" has no logo yet</source>
            <translation>der Teil „{subject}“ hat noch kein Logo</translation>
        </message>
        <message>
            <source>the part is not of this JPEG</source>
            <translation>der Teil ist nicht von diesem JPEG</translation>
        </message>
        <message>
            <source>the path of a file</source>
            <translation>der Pfad einer Datei</translation>
        </message>
        <message>
            <source>the path of a folder</source>
            <translation>der Pfad eines Ordners</translation>
        </message>
        <message>
            <source>the pattern is so dense that it is spread out to about {most} seals</source>
            <translation>das Muster ist so dicht, dass es auf etwa {most} Siegel auseinandergezogen wird</translation>
        </message>
        <message>
            <source>the picture can't be read ({why})</source>
            <translation>das Bild ist nicht lesbar ({why})</translation>
        </message>
        <message>
            <source>the picture data is damaged ({reason})</source>
            <translation>die Bilddaten sind beschädigt ({reason})</translation>
        </message>
        <message>
            <source>the picture is enlarged to {percent} % and will look soft</source>
            <translation>das Bild wird auf {percent} % vergrößert und wird weich aussehen</translation>
        </message>
        <message>
            <source>the picture is grey, and its mark has colour</source>
            <translation>das Bild ist grau, und sein Zeichen hat Farbe</translation>
        </message>
        <message>
            <source>the picture's place in the job</source>
            <translation>die Stelle des Bildes im Auftrag</translation>
        </message>
        <message>
            <source>the picture's place in the job, counted as set below</source>
            <translation>die Stelle des Bildes im Auftrag, gezählt wie unten gesetzt</translation>
        </message>
        <message>
            <source>the place "{place}" stands in {where}</source>
            <translation>der Ort „{place}“ steht in „{where}“</translation>
        </message>
        <message>
            <source>the place "{place}" stands in {where}, as the maker's address</source>
            <translation>der Ort „{place}“ steht in „{where}“, als Adresse des Urhebers</translation>
        </message>
        <message>
            <source>the plain name is taken</source>
            <translation>der einfache Name ist vergeben</translation>
        </message>
        <message>
            <source>the plain name is taken by {subject}</source>
            <translation>der einfache Name ist von {subject} vergeben</translation>
        </message>
        <message>
            <source>the plain name is taken, and not by an unchanged copy of this picture: nothing was replaced</source>
            <translation>der einfache Name ist vergeben, und nicht an eine unveränderte Kopie dieses Bildes: nichts wurde ersetzt</translation>
        </message>
        <message>
            <source>the plan is not whole</source>
            <translation>der Plan ist nicht ganz</translation>
        </message>
        <message>
            <source>the plan's deliveries are not whole</source>
            <translation>die Lieferungen des Plans sind nicht ganz</translation>
        </message>
        <message>
            <source>the planned name was taken during the run</source>
            <translation>der geplante Name wurde während des Laufs vergeben</translation>
        </message>
        <message>
            <source>the printer can't be used, or took no further page</source>
            <translation>der Drucker ist nicht nutzbar oder nahm keine weitere Seite</translation>
        </message>
        <message>
            <source>the process that held its pixels came to an end</source>
            <translation>der Prozess, der seine Pixel hielt, endete</translation>
        </message>
        <message>
            <source>the process that reads pictures can't be started: {why}</source>
            <translation>der Prozess, der Bilder liest, lässt sich nicht starten: {why}</translation>
        </message>
        <message>
            <source>the profile {name} could not be loaded</source>
            <translation>das Profil {name} konnte nicht geladen werden</translation>
        </message>
        <message>
            <source>the proof sheet could not be drawn</source>
            <translation>der Probebogen konnte nicht gezeichnet werden</translation>
        </message>
        <message>
            <source>the raw file holds no picture of the camera's own: it was developed</source>
            <translation>die Rohdatei enthält kein Bild der Kamera: sie wurde entwickelt</translation>
        </message>
        <message>
            <source>the register can't be used: {why}</source>
            <translation>das Register ist nicht nutzbar: {why}</translation>
        </message>
        <message>
            <source>the register is damaged: {why}</source>
            <translation>das Register ist beschädigt: {why}</translation>
        </message>
        <message>
            <source>the removed seal is no longer there</source>
            <translation>das entfernte Siegel ist nicht mehr da</translation>
        </message>
        <message>
            <source>the resample missed the wanted size</source>
            <translation>das Verkleinern verfehlte die gewünschte Größe</translation>
        </message>
        <message>
            <source>the run was stopped</source>
            <translation>der Lauf wurde angehalten</translation>
        </message>
        <message>
            <source>the run's journal can't be read</source>
            <translation>das Journal des Laufs ist nicht lesbar</translation>
        </message>
        <message>
            <source>the run's journal can't be written: {reason}</source>
            <translation>das Journal des Laufs lässt sich nicht schreiben: {reason}</translation>
        </message>
        <message>
            <source>the same command again</source>
            <translation>derselbe Befehl nochmals</translation>
        </message>
        <message>
            <source>the same file as {subject}</source>
            <translation>dieselbe Datei wie {subject}</translation>
        </message>
        <message>
            <source>the seal can't be read here: contrast {measured} : 1, you asked for {asked} : 1</source>
            <translation>das Siegel ist hier nicht lesbar: Kontrast {measured} : 1, verlangt waren {asked} : 1</translation>
        </message>
        <message>
            <source>the seal could not be encoded: {reason}</source>
            <translation>das Siegel konnte nicht kodiert werden: {reason}</translation>
        </message>
        <message>
            <source>the seal does not lie on the picture</source>
            <translation>das Siegel liegt nicht auf dem Bild</translation>
        </message>
        <message>
            <source>the seal has no name</source>
            <translation>das Siegel hat keinen Namen</translation>
        </message>
        <message>
            <source>the seal is hard to read here: contrast {measured} : 1, you asked for {asked} : 1</source>
            <translation>das Siegel ist hier schwer lesbar: Kontrast {measured} : 1, verlangt waren {asked} : 1</translation>
        </message>
        <message>
            <source>the seal is hardly seen here: it changes the picture by {measured} : 1, you asked for {asked} : 1</source>
            <translation>das Siegel ist hier kaum zu sehen: es ändert das Bild um {measured} : 1, verlangt waren {asked} : 1</translation>
        </message>
        <message>
            <source>the seal is on and has nothing to draw</source>
            <translation>das Siegel ist eingeschaltet und hat nichts zu zeichnen</translation>
        </message>
        <message>
            <source>the seal reaches into the bleed, which is cut off after printing</source>
            <translation>das Siegel reicht in den Beschnitt, der nach dem Druck abgeschnitten wird</translation>
        </message>
        <message>
            <source>the seal reaches over the picture's edge</source>
            <translation>das Siegel reicht über den Bildrand</translation>
        </message>
        <message>
            <source>the seal stands on the words of the caption: there is no room beside them</source>
            <translation>das Siegel steht auf den Worten der Bildunterschrift: daneben ist kein Platz</translation>
        </message>
        <message>
            <source>the seal was made smaller to fit between the margins</source>
            <translation>das Siegel wurde kleiner gemacht, um zwischen die Abstände zu passen</translation>
        </message>
        <message>
            <source>the seal's typeface "{subject}" is not here</source>
            <translation>die Schrift „{subject}“ des Siegels ist nicht hier</translation>
        </message>
        <message>
            <source>the seal's {{{subject}} has no value for this picture and was left out</source>
            <translation>{{{subject}} des Siegels hat für dieses Bild keinen Wert und fiel weg</translation>
        </message>
        <message>
            <source>the seal's {{{subject}} is no token</source>
            <translation>{{{subject}} des Siegels ist kein Platzhalter</translation>
        </message>
        <message>
            <source>the second it was taken</source>
            <translation>die Sekunde der Aufnahme</translation>
        </message>
        <message>
            <source>the serial number is</source>
            <translation>die Seriennummer ist</translation>
        </message>
        <message>
            <source>the server does not offer to encrypt</source>
            <translation>der Server bietet keine Verschlüsselung an</translation>
        </message>
        <message>
            <source>the server does not say how large {path} is</source>
            <translation>der Server sagt nicht, wie groß {path} ist</translation>
        </message>
        <message>
            <source>the server does not take this user and password</source>
            <translation>der Server nimmt diesen Benutzer und dieses Passwort nicht an</translation>
        </message>
        <message>
            <source>the server does not take this user and password, or does not let them write there</source>
            <translation>der Server nimmt diesen Benutzer und dieses Passwort nicht an oder lässt sie dort nicht schreiben</translation>
        </message>
        <message>
            <source>the server does not take this user and password, or key</source>
            <translation>der Server nimmt diesen Benutzer und dieses Passwort oder diesen Schlüssel nicht an</translation>
        </message>
        <message>
            <source>the server has {now} bytes and not the {size} that were sent; they are sent anew</source>
            <translation>der Server hat {now} Bytes und nicht die {size}, die gesendet wurden; sie werden neu gesendet</translation>
        </message>
        <message>
            <source>the server's certificate is not one that is trusted: {told}</source>
            <translation>dem Zertifikat des Servers wird nicht vertraut: {told}</translation>
        </message>
        <message>
            <source>the shipped fonts are not there</source>
            <translation>die mitgelieferten Schriften sind nicht da</translation>
        </message>
        <message>
            <source>the shipped fonts can't be read</source>
            <translation>die mitgelieferten Schriften sind nicht lesbar</translation>
        </message>
        <message>
            <source>the system gives no random numbers</source>
            <translation>das System gibt keine Zufallszahlen</translation>
        </message>
        <message>
            <source>the table has too many rows</source>
            <translation>die Tabelle hat zu viele Zeilen</translation>
        </message>
        <message>
            <source>the table is not in UTF-8</source>
            <translation>die Tabelle ist nicht in UTF-8</translation>
        </message>
        <message>
            <source>the table is too long</source>
            <translation>die Tabelle ist zu lang</translation>
        </message>
        <message>
            <source>the time it was taken</source>
            <translation>die Uhrzeit der Aufnahme</translation>
        </message>
        <message>
            <source>the time it was taken, as 102030</source>
            <translation>die Uhrzeit der Aufnahme, wie 102030</translation>
        </message>
        <message>
            <source>the title in its metadata</source>
            <translation>der Titel in den Metadaten</translation>
        </message>
        <message>
            <source>the typeface {family} is here already: yours stays</source>
            <translation>die Schrift {family} ist schon hier: Ihre bleibt</translation>
        </message>
        <message>
            <source>the year now</source>
            <translation>das jetzige Jahr</translation>
        </message>
        <message>
            <source>the year the picture was taken</source>
            <translation>das Jahr der Aufnahme</translation>
        </message>
        <message>
            <source>there is a file of that name already</source>
            <translation>eine Datei dieses Namens gibt es schon</translation>
        </message>
        <message>
            <source>there is a file {path} already that no album of yours put there</source>
            <translation>dort ist schon eine Datei {path}, die keines Ihrer Alben hinlegte</translation>
        </message>
        <message>
            <source>there is a seal of that name again</source>
            <translation>ein Siegel dieses Namens gibt es wieder</translation>
        </message>
        <message>
            <source>there is no SVG drawing in it</source>
            <translation>darin ist keine SVG-Zeichnung</translation>
        </message>
        <message>
            <source>there is no border file and no saved border of that name</source>
            <translation>es gibt keine Rahmendatei und keinen gespeicherten Rahmen dieses Namens</translation>
        </message>
        <message>
            <source>there is no copy that could be in an album</source>
            <translation>es gibt keine Kopie, die in ein Album könnte</translation>
        </message>
        <message>
            <source>there is no delivery file and no saved delivery of that name</source>
            <translation>es gibt keine Lieferungsdatei und keine gespeicherte Lieferung dieses Namens</translation>
        </message>
        <message>
            <source>there is no delivery in it</source>
            <translation>darin ist keine Lieferung</translation>
        </message>
        <message>
            <source>there is no memory to share with a worker: {reason}</source>
            <translation>es gibt keinen Speicher, um ihn mit einem Leseprozess zu teilen: {reason}</translation>
        </message>
        <message>
            <source>there is no password for it</source>
            <translation>dafür gibt es kein Passwort</translation>
        </message>
        <message>
            <source>there is no picture to work on</source>
            <translation>es gibt kein Bild, an dem zu arbeiten wäre</translation>
        </message>
        <message>
            <source>there is no plan that can be read</source>
            <translation>es gibt keinen lesbaren Plan</translation>
        </message>
        <message>
            <source>there is no seal in it</source>
            <translation>darin ist kein Siegel</translation>
        </message>
        <message>
            <source>there is no sheet file and no saved rights sheet of that name</source>
            <translation>es gibt keine Blattdatei und kein gespeichertes Rechteblatt dieses Namens</translation>
        </message>
        <message>
            <source>there is no such field</source>
            <translation>ein solches Feld gibt es nicht</translation>
        </message>
        <message>
            <source>there is no such file</source>
            <translation>diese Datei gibt es nicht</translation>
        </message>
        <message>
            <source>there is no such folder</source>
            <translation>diesen Ordner gibt es nicht</translation>
        </message>
        <message>
            <source>there is no such format</source>
            <translation>dieses Format gibt es nicht</translation>
        </message>
        <message>
            <source>there is no such ring</source>
            <translation>diesen Ring gibt es nicht</translation>
        </message>
        <message>
            <source>there is no such run to go on with</source>
            <translation>diesen Lauf zum Weitermachen gibt es nicht</translation>
        </message>
        <message>
            <source>there is no such seal</source>
            <translation>dieses Siegel gibt es nicht</translation>
        </message>
        <message>
            <source>there is no such seal file, and none of that name in the library</source>
            <translation>es gibt keine solche Siegeldatei und keines dieses Namens in der Bibliothek</translation>
        </message>
        <message>
            <source>there is no such setting</source>
            <translation>diese Einstellung gibt es nicht</translation>
        </message>
        <message>
            <source>there is no token {{{unknown}}</source>
            <translation>den Platzhalter {{{unknown}} gibt es nicht</translation>
        </message>
        <message>
            <source>there is no way between the colour profiles “{source}” and “{target}”</source>
            <translation>zwischen den Farbprofilen „{source}“ und „{target}“ gibt es keinen Weg</translation>
        </message>
        <message>
            <source>there is nothing in it that a rights sheet could write</source>
            <translation>darin ist nichts, was ein Rechteblatt schreiben könnte</translation>
        </message>
        <message>
            <source>there is nothing of that name</source>
            <translation>nichts hat diesen Namen</translation>
        </message>
        <message>
            <source>there is nothing to be drawn</source>
            <translation>es gibt nichts zu zeichnen</translation>
        </message>
        <message>
            <source>there is something of that name already, and nothing is ever mixed into it</source>
            <translation>etwas dieses Namens gibt es schon, und nichts wird je hineingemischt</translation>
        </message>
        <message>
            <source>this PDF has {pages} pages; logos have at most {most}</source>
            <translation>dieses PDF hat {pages} Seiten; Logos haben höchstens {most}</translation>
        </message>
        <message>
            <source>this account has no home folder</source>
            <translation>dieses Konto hat keinen Heimatordner</translation>
        </message>
        <message>
            <source>this camera's raw files are not known</source>
            <translation>die Rohdateien dieser Kamera sind nicht bekannt</translation>
        </message>
        <message>
            <source>this colour profile can't be used: {why}</source>
            <translation>dieses Farbprofil ist nicht brauchbar: {why}</translation>
        </message>
        <message>
            <source>this copy tells the place, as the delivery says in words</source>
            <translation>diese Kopie verrät den Ort, wie die Lieferung in Worten sagt</translation>
        </message>
        <message>
            <source>this is a copy that Keep Seal made: it is not stamped twice</source>
            <translation>das ist eine Kopie, die Keep Seal machte: sie wird nicht zweimal gestempelt</translation>
        </message>
        <message>
            <source>this is a file, not a folder</source>
            <translation>das ist eine Datei, kein Ordner</translation>
        </message>
        <message>
            <source>this is a folder that originals lie in</source>
            <translation>das ist ein Ordner, in dem Originale liegen</translation>
        </message>
        <message>
            <source>this is a folder that originals lie in ({found})</source>
            <translation>das ist ein Ordner, in dem Originale liegen ({found})</translation>
        </message>
        <message>
            <source>this is a link or a file where a folder of our own has to be</source>
            <translation>das ist ein Verweis oder eine Datei, wo ein eigener Ordner sein muss</translation>
        </message>
        <message>
            <source>this is an option, and a file of that name lies here</source>
            <translation>das ist eine Option, und eine Datei dieses Namens liegt hier</translation>
        </message>
        <message>
            <source>this is an original, or belongs to one</source>
            <translation>das ist ein Original oder gehört zu einem</translation>
        </message>
        <message>
            <source>this is larger than a colour profile may be</source>
            <translation>das ist größer, als ein Farbprofil sein darf</translation>
        </message>
        <message>
            <source>this is no day</source>
            <translation>das ist kein Tag</translation>
        </message>
        <message>
            <source>this is no folder of yours</source>
            <translation>das ist kein Ordner von Ihnen</translation>
        </message>
        <message>
            <source>this is no job: {reason}</source>
            <translation>das ist kein Auftrag: {reason}</translation>
        </message>
        <message>
            <source>this is no journal this version can read</source>
            <translation>das ist kein Journal, das diese Version lesen kann</translation>
        </message>
        <message>
            <source>this is no journal: {reason}</source>
            <translation>das ist kein Journal: {reason}</translation>
        </message>
        <message>
            <source>this is no kept picture: {reason}</source>
            <translation>das ist kein behaltenes Bild: {reason}</translation>
        </message>
        <message>
            <source>this is no ledger this version can read</source>
            <translation>das ist kein Protokoll, das diese Version lesen kann</translation>
        </message>
        <message>
            <source>this is no ledger: {reason}</source>
            <translation>das ist kein Protokoll: {reason}</translation>
        </message>
        <message>
            <source>this is no list of parts</source>
            <translation>das ist keine Liste von Teilen</translation>
        </message>
        <message>
            <source>this is no list of rings</source>
            <translation>das ist keine Liste von Ringen</translation>
        </message>
        <message>
            <source>this is no ordinary file</source>
            <translation>das ist keine gewöhnliche Datei</translation>
        </message>
        <message>
            <source>this is no picture file Keep Seal can read</source>
            <translation>das ist keine Bilddatei, die Keep Seal lesen kann</translation>
        </message>
        <message>
            <source>this is no plan this version can read</source>
            <translation>das ist kein Plan, den diese Version lesen kann</translation>
        </message>
        <message>
            <source>this is no plan: {reason}</source>
            <translation>das ist kein Plan: {reason}</translation>
        </message>
        <message>
            <source>this is no register that was exported, or of a newer version</source>
            <translation>das ist kein exportiertes Register oder eines einer neueren Version</translation>
        </message>
        <message>
            <source>this is no typeface that can be used</source>
            <translation>das ist keine brauchbare Schrift</translation>
        </message>
        <message>
            <source>this is no valid JSON: {reason}</source>
            <translation>das ist kein gültiges JSON: {reason}</translation>
        </message>
        <message>
            <source>this is no zip file</source>
            <translation>das ist keine Zip-Datei</translation>
        </message>
        <message>
            <source>this is no {what}</source>
            <translation>das gehört nicht hierher, erwartet wird: {what}</translation>
        </message>
        <message>
            <source>this is the original {found} under another name</source>
            <translation>das ist das Original {found} unter anderem Namen</translation>
        </message>
        <message>
            <source>this ledger can't be read</source>
            <translation>dieses Protokoll ist nicht lesbar</translation>
        </message>
        <message>
            <source>this ledger is not whole</source>
            <translation>dieses Protokoll ist nicht ganz</translation>
        </message>
        <message>
            <source>this line is none of an export</source>
            <translation>diese Zeile ist nicht aus einem Export</translation>
        </message>
        <message>
            <source>this run is under way in another window or shell</source>
            <translation>dieser Lauf ist in einem anderen Fenster oder einer anderen Shell im Gang</translation>
        </message>
        <message>
            <source>this says nothing of who you are</source>
            <translation>das sagt nichts darüber, wer Sie sind</translation>
        </message>
        <message>
            <source>this sets nothing</source>
            <translation>das setzt nichts</translation>
        </message>
        <message>
            <source>this {kind} could not be brought back</source>
            <translation>{kind} konnte nicht zurückgeholt werden</translation>
        </message>
        <message>
            <source>this {kind} could not be removed</source>
            <translation>{kind} konnte nicht entfernt werden</translation>
        </message>
        <message>
            <source>title</source>
            <translation>Titel</translation>
        </message>
        <message numerus="yes">
            <source>to {n} places</source>
            <translation>
                <numerusform>an {n} Ort</numerusform>
                <numerusform>an {n} Orte</numerusform>
            </translation>
        </message>
        <message>
            <source>tone</source>
            <translation>Tonwert</translation>
        </message>
        <message>
            <source>too many boxes</source>
            <translation>zu viele Boxen</translation>
        </message>
        <message>
            <source>top</source>
            <translation>oben</translation>
        </message>
        <message>
            <source>top left</source>
            <translation>oben links</translation>
        </message>
        <message>
            <source>top right</source>
            <translation>oben rechts</translation>
        </message>
        <message>
            <source>true or false</source>
            <translation>wahr oder falsch (true oder false)</translation>
        </message>
        <message>
            <source>turned {degrees}°</source>
            <translation>gedreht {degrees}°</translation>
        </message>
        <message>
            <source>unless {what} {text}</source>
            <translation>außer wenn {what} {text}</translation>
        </message>
        <message>
            <source>unread</source>
            <translation>nicht gelesen</translation>
        </message>
        <message>
            <source>untouched</source>
            <translation>unberührt</translation>
        </message>
        <message>
            <source>waiting</source>
            <translation>wartend</translation>
        </message>
        <message>
            <source>web page</source>
            <translation>Webseite</translation>
        </message>
        <message>
            <source>web statement of rights</source>
            <translation>Rechteerklärung im Web</translation>
        </message>
        <message>
            <source>what</source>
            <translation>what</translation>
        </message>
        <message>
            <source>what a picture is known by is damaged</source>
            <translation>woran ein Bild bekannt ist, ist beschädigt</translation>
        </message>
        <message>
            <source>what it holds is larger than {most} MB</source>
            <translation>sein Inhalt ist größer als {most} MB</translation>
        </message>
        <message>
            <source>what pictures are known by can't be kept</source>
            <translation>woran Bilder bekannt sind, kann nicht behalten werden</translation>
        </message>
        <message>
            <source>what was to be printed could not be written: the disk is full, or nobody reads</source>
            <translation>was auszugeben war, konnte nicht geschrieben werden: Der Datenträger ist voll, oder niemand liest</translation>
        </message>
        <message>
            <source>what was to be written is not in the finished copy: {subject}</source>
            <translation>was geschrieben werden sollte, ist nicht in der fertigen Kopie: {subject}</translation>
        </message>
        <message>
            <source>whole</source>
            <translation>ganz</translation>
        </message>
        <message>
            <source>wide</source>
            <translation>quere</translation>
        </message>
        <message>
            <source>with border {size}</source>
            <translation>mit Rahmen {size}</translation>
        </message>
        <message>
            <source>with its contrast stretched</source>
            <translation>mit gestrecktem Kontrast</translation>
        </message>
        <message>
            <source>worth a look</source>
            <translation>anzusehen</translation>
        </message>
        <message>
            <source>yes</source>
            <translation>ja</translation>
        </message>
        <message>
            <source>your e-mail address</source>
            <translation>Ihre E-Mail-Adresse</translation>
        </message>
        <message>
            <source>your e-mail address, from Who you are</source>
            <translation>Ihre E-Mail-Adresse, aus „Wer Sie sind“</translation>
        </message>
        <message>
            <source>your emblem</source>
            <translation>Ihr Emblem</translation>
        </message>
        <message>
            <source>your own name</source>
            <translation>Ihr eigener Name</translation>
        </message>
        <message>
            <source>your own name, from Who you are</source>
            <translation>Ihr eigener Name, aus „Wer Sie sind“</translation>
        </message>
        <message>
            <source>your studio's name</source>
            <translation>der Name Ihres Studios</translation>
        </message>
        <message>
            <source>your studio's name, from Who you are</source>
            <translation>der Name Ihres Studios, aus „Wer Sie sind“</translation>
        </message>
        <message>
            <source>your web address</source>
            <translation>Ihre Webadresse</translation>
        </message>
        <message>
            <source>your web address, from Who you are</source>
            <translation>Ihre Webadresse, aus „Wer Sie sind“</translation>
        </message>
        <message>
            <source>{agree} of {parts} parts of the picture agree; it shows {percent} % of it</source>
            <translation>{agree} von {parts} Teilen des Bildes stimmen überein; es zeigt {percent} % davon</translation>
        </message>
        <message>
            <source>{allowed}; default {value}</source>
            <translation>{allowed}; Vorgabe {value}</translation>
        </message>
        <message>
            <source>{box}, filled</source>
            <translation>{box}, gefüllt</translation>
        </message>
        <message>
            <source>{box}, padded</source>
            <translation>{box}, aufgefüllt</translation>
        </message>
        <message>
            <source>{bytes} were written.</source>
            <translation>{bytes} wurden geschrieben.</translation>
        </message>
        <message>
            <source>{clean} of {made} searched and tell no place</source>
            <translation>{clean} von {made} durchsucht und verraten keinen Ort</translation>
        </message>
        <message>
            <source>{container}, {bytes}, TELLS A PLACE: {place}</source>
            <translation>{container}, {bytes}, VERRÄT EINEN ORT: {place}</translation>
        </message>
        <message>
            <source>{container}, {bytes}, tells no place</source>
            <translation>{container}, {bytes}, verrät keinen Ort</translation>
        </message>
        <message>
            <source>{count} from {studio}</source>
            <translation>{count} from {studio}</translation>
        </message>
        <message>
            <source>{day}  {file}  "{delivery}"  {size}  of {original}</source>
            <translation>{day}  {file}  „{delivery}“  {size}  von {original}</translation>
        </message>
        <message>
            <source>{delivery}, {count} and {date} are filled in, and who you are.</source>
            <translation>{delivery}, {count} und {date} werden eingesetzt, und wer Sie sind.</translation>
        </message>
        <message>
            <source>{done} of {total}, {percent} %</source>
            <translation>{done} von {total}, {percent} %</translation>
        </message>
        <message>
            <source>{done} of {total}, {percent} %, about {time} left</source>
            <translation>{done} von {total}, {percent} %, noch etwa {time}</translation>
        </message>
        <message>
            <source>{event|picture}-{number}</source>
            <translation>{event|picture}-{number}</translation>
        </message>
        <message>
            <source>{field} in its metadata</source>
            <translation>„{field}“ in den Metadaten</translation>
        </message>
        <message>
            <source>{field} is longer than Exif has room for: there it is cut; XMP holds it whole</source>
            <translation>{field} ist länger, als Exif Platz hat: dort wird gekürzt; XMP hat es ganz</translation>
        </message>
        <message>
            <source>{field} is longer than IIM's {bytes} bytes by {over}: there it is cut, {whole} it whole</source>
            <translation>{field} ist um {over} länger als die {bytes} Bytes von IIM: dort wird gekürzt, {whole} hat es ganz</translation>
        </message>
        <message>
            <source>{field} left out</source>
            <translation>{field} ausgelassen</translation>
        </message>
        <message>
            <source>{field} typed</source>
            <translation>{field} getippt</translation>
        </message>
        <message>
            <source>{field}: changed to {value}</source>
            <translation>{field}: geändert in {value}</translation>
        </message>
        <message>
            <source>{field}: coordinates were cut out: {text}</source>
            <translation>{field}: Koordinaten wurden ausgeschnitten: {text}</translation>
        </message>
        <message>
            <source>{field}: gone</source>
            <translation>{field}: fort</translation>
        </message>
        <message>
            <source>{field}: left out, since it names the place: {text}</source>
            <translation>{field}: ausgelassen, weil es den Ort nennt: {text}</translation>
        </message>
        <message>
            <source>{field}: rule {rule} overrides rule {other}</source>
            <translation>{field}: Regel {rule} geht über Regel {other}</translation>
        </message>
        <message>
            <source>{field}: {which} "{other}", taken is "{taken}"</source>
            <translation>{field}: {which} „{other}“, genommen ist „{taken}“</translation>
        </message>
        <message>
            <source>{field}: {{{token}} has no value for this picture</source>
            <translation>{field}: {{{token}} hat für dieses Bild keinen Wert</translation>
        </message>
        <message>
            <source>{field}: {{{token}} is no token</source>
            <translation>{field}: {{{token}} ist kein Platzhalter</translation>
        </message>
        <message>
            <source>{file}  to {place}</source>
            <translation>{file}  an {place}</translation>
        </message>
        <message>
            <source>{file}  to {place}  as {name}  {day}</source>
            <translation>{file}  an {place}  als {name}  {day}</translation>
        </message>
        <message>
            <source>{file}: the same bytes as {other}, whose copies were made on {day}; nothing is made again</source>
            <translation>{file}: dieselben Bytes wie {other}, dessen Kopien am {day} gemacht wurden; nichts wird nochmals gemacht</translation>
        </message>
        <message>
            <source>{folder}, same folders</source>
            <translation>{folder}, dieselben Ordner</translation>
        </message>
        <message>
            <source>{format} holds no more than {most} pixels on a side</source>
            <translation>{format} fasst nicht mehr als {most} Pixel auf einer Seite</translation>
        </message>
        <message>
            <source>{gap} mm leave no room for the pictures</source>
            <translation>{gap} mm lassen keinen Platz für die Bilder</translation>
        </message>
        <message>
            <source>{kept} of {all} usual crops leave it whole.</source>
            <translation>{kept} von {all} üblichen Zuschnitten lassen es ganz.</translation>
        </message>
        <message>
            <source>{kept} of {all} usual crops leave it whole; {crop} takes it away and leaves {percent} % of the picture.</source>
            <translation>{kept} von {all} üblichen Zuschnitten lassen es ganz; {crop} nimmt es weg und lässt {percent} % des Bildes.</translation>
        </message>
        <message>
            <source>{kinds} removed</source>
            <translation>{kinds} entfernt</translation>
        </message>
        <message>
            <source>{kind} to {server}</source>
            <translation>{kind} an {server}</translation>
        </message>
        <message>
            <source>{label} is no list</source>
            <translation>{label} ist keine Liste</translation>
        </message>
        <message>
            <source>{name} asks that its copies tell where pictures were taken: it comes in with that closed</source>
            <translation>{name} will, dass die Kopien verraten, wo Bilder aufgenommen wurden: Das kommt geschlossen herein</translation>
        </message>
        <message>
            <source>{name} is the original's own; {number}, {date}, {delivery}, {width} and every field of its metadata can stand here, as in {title|{name}}.</source>
            <translation>{name} ist der des Originals; {number}, {date}, {delivery}, {width} und jedes Feld der Metadaten können hier stehen, wie in {title|{name}}.</translation>
        </message>
        <message>
            <source>{number} of {all}</source>
            <translation>{number} von {all}</translation>
        </message>
        <message numerus="yes">
            <source>{n} HELD BACK</source>
            <translation>
                <numerusform>{n} ZURÜCKGEHALTEN</numerusform>
                <numerusform>{n} ZURÜCKGEHALTEN</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} MISSING</source>
            <translation>
                <numerusform>{n} FEHLT</numerusform>
                <numerusform>{n} FEHLEN</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} already there</source>
            <translation>
                <numerusform>{n} schon da</numerusform>
                <numerusform>{n} schon da</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} changed</source>
            <translation>
                <numerusform>{n} geändert</numerusform>
                <numerusform>{n} geändert</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies</source>
            <translation>
                <numerusform>{n} Kopie</numerusform>
                <numerusform>{n} Kopien</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies are worth a look</source>
            <translation>
                <numerusform>{n} Kopie ist anzusehen</numerusform>
                <numerusform>{n} Kopien sind anzusehen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies came with it.</source>
            <translation>
                <numerusform>{n} Kopie kam damit.</numerusform>
                <numerusform>{n} Kopien kamen damit.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies can be made as soon as there is a folder for them.</source>
            <translation>
                <numerusform>{n} Kopie kann gemacht werden, sobald es einen Ordner dafür gibt.</numerusform>
                <numerusform>{n} Kopien können gemacht werden, sobald es einen Ordner dafür gibt.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies can be made as soon as there is a folder for “%1”.</source>
            <translation>
                <numerusform>{n} Kopie kann gemacht werden, sobald es einen Ordner für „%1“ gibt.</numerusform>
                <numerusform>{n} Kopien können gemacht werden, sobald es einen Ordner für „%1“ gibt.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies can't be made</source>
            <translation>
                <numerusform>{n} Kopie lässt sich nicht machen</numerusform>
                <numerusform>{n} Kopien lassen sich nicht machen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies can't be made.</source>
            <translation>
                <numerusform>{n} Kopie kann nicht gemacht werden.</numerusform>
                <numerusform>{n} Kopien können nicht gemacht werden.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies chosen</source>
            <translation>
                <numerusform>{n} Kopie gewählt</numerusform>
                <numerusform>{n} Kopien gewählt</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies could not be made.</source>
            <translation>
                <numerusform>{n} Kopie konnte nicht gemacht werden.</numerusform>
                <numerusform>{n} Kopien konnten nicht gemacht werden.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies could not be made; see the top of the list.</source>
            <translation>
                <numerusform>{n} Kopie konnte nicht gemacht werden; siehe oben in der Liste.</numerusform>
                <numerusform>{n} Kopien konnten nicht gemacht werden; siehe oben in der Liste.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies held in the outbox</source>
            <translation>
                <numerusform>{n} Kopie im Ausgang festgehalten</numerusform>
                <numerusform>{n} Kopien im Ausgang festgehalten</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies left of this picture.</source>
            <translation>
                <numerusform>{n} Kopie dieses Bildes ging hinaus.</numerusform>
                <numerusform>{n} Kopien dieses Bildes gingen hinaus.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies made</source>
            <translation>
                <numerusform>{n} Kopie gemacht</numerusform>
                <numerusform>{n} Kopien gemacht</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies made and checked.</source>
            <translation>
                <numerusform>{n} Kopie gemacht und geprüft.</numerusform>
                <numerusform>{n} Kopien gemacht und geprüft.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies of %1</source>
            <translation>
                <numerusform>{n} Kopie von %1</numerusform>
                <numerusform>{n} Kopien von %1</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies of it have left so far (Ctrl+H)</source>
            <translation>
                <numerusform>{n} Kopie davon ging bisher hinaus (Strg+H)</numerusform>
                <numerusform>{n} Kopien davon gingen bisher hinaus (Strg+H)</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies of {pictures} in the register.</source>
            <translation>
                <numerusform>{n} Kopie von {pictures} im Register.</numerusform>
                <numerusform>{n} Kopien von {pictures} im Register.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies sent</source>
            <translation>
                <numerusform>{n} Kopie gesendet</numerusform>
                <numerusform>{n} Kopien gesendet</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies taken out</source>
            <translation>
                <numerusform>{n} Kopie herausgenommen</numerusform>
                <numerusform>{n} Kopien herausgenommen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies to be sent again</source>
            <translation>
                <numerusform>{n} Kopie wird nochmals gesendet</numerusform>
                <numerusform>{n} Kopien werden nochmals gesendet</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies to make; nothing was written.</source>
            <translation>
                <numerusform>{n} Kopie zu machen; nichts wurde geschrieben.</numerusform>
                <numerusform>{n} Kopien zu machen; nichts wurde geschrieben.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies were held back: each would have lacked something that was promised.</source>
            <translation>
                <numerusform>{n} Kopie wurde zurückgehalten: Ihr hätte etwas Versprochenes gefehlt.</numerusform>
                <numerusform>{n} Kopien wurden zurückgehalten: Jeder hätte etwas Versprochenes gefehlt.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies were held back: see the check.</source>
            <translation>
                <numerusform>{n} Kopie wurde zurückgehalten: siehe Prüfung.</numerusform>
                <numerusform>{n} Kopien wurden zurückgehalten: siehe Prüfung.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies will be HELD BACK, as it stands: see above what each lacks</source>
            <translation>
                <numerusform>{n} Kopie wird ZURÜCKGEHALTEN, wie es steht: Oben steht, was ihr fehlt</numerusform>
                <numerusform>{n} Kopien werden ZURÜCKGEHALTEN, wie es steht: Oben steht, was jeder fehlt</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies will be held back, as it stands: each says what it lacks.</source>
            <translation>
                <numerusform>{n} Kopie wird so zurückgehalten: Sie sagt, was ihr fehlt.</numerusform>
                <numerusform>{n} Kopien werden so zurückgehalten: Jede sagt, was ihr fehlt.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies, the newest are listed.</source>
            <translation>
                <numerusform>{n} Kopie, gezeigt werden die neuesten.</numerusform>
                <numerusform>{n} Kopien, gezeigt werden die neuesten.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} copies.</source>
            <translation>
                <numerusform>{n} Kopie.</numerusform>
                <numerusform>{n} Kopien.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} could not be made</source>
            <translation>
                <numerusform>{n} nicht machbar</numerusform>
                <numerusform>{n} nicht machbar</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} deliveries</source>
            <translation>
                <numerusform>{n} Lieferung</numerusform>
                <numerusform>{n} Lieferungen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} deliveries taken in.</source>
            <translation>
                <numerusform>{n} Lieferung hereingenommen.</numerusform>
                <numerusform>{n} Lieferungen hereingenommen.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} deliveries with all they need lie in %1. Your folders are not in it.</source>
            <translation>
                <numerusform>{n} Lieferung mit allem Nötigen liegt in %1. Ihre Ordner sind nicht darin.</numerusform>
                <numerusform>{n} Lieferungen mit allem Nötigen liegen in %1. Ihre Ordner sind nicht darin.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} earlier copies will be replaced</source>
            <translation>
                <numerusform>{n} frühere Kopie wird ersetzt</numerusform>
                <numerusform>{n} frühere Kopien werden ersetzt</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} earlier copies will be replaced.</source>
            <translation>
                <numerusform>{n} frühere Kopie wird ersetzt.</numerusform>
                <numerusform>{n} frühere Kopien werden ersetzt.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} fields</source>
            <translation>
                <numerusform>{n} Feld</numerusform>
                <numerusform>{n} Felder</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} files looked at.</source>
            <translation>
                <numerusform>{n} Datei angesehen.</numerusform>
                <numerusform>{n} Dateien angesehen.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} files.</source>
            <translation>
                <numerusform>{n} Datei.</numerusform>
                <numerusform>{n} Dateien.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} files: %1 of them tell a place.</source>
            <translation>
                <numerusform>{n} Datei: %1 davon verraten einen Ort.</numerusform>
                <numerusform>{n} Dateien: %1 davon verraten einen Ort.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} foreign</source>
            <translation>
                <numerusform>{n} fremd</numerusform>
                <numerusform>{n} fremd</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} held</source>
            <translation>
                <numerusform>{n} festgehalten</numerusform>
                <numerusform>{n} festgehalten</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} held back</source>
            <translation>
                <numerusform>{n} zurückgehalten</numerusform>
                <numerusform>{n} zurückgehalten</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} in letters that nobody looked at: outbox letters</source>
            <translation>
                <numerusform>{n} in Briefen, die niemand angesehen hat: outbox letters</numerusform>
                <numerusform>{n} in Briefen, die niemand angesehen hat: outbox letters</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} left out</source>
            <translation>
                <numerusform>{n} ausgelassen</numerusform>
                <numerusform>{n} ausgelassen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} letters</source>
            <translation>
                <numerusform>{n} Brief</numerusform>
                <numerusform>{n} Briefe</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} letters. To send them: outbox letters --send</source>
            <translation>
                <numerusform>{n} Brief. Um ihn zu senden: outbox letters --send</numerusform>
                <numerusform>{n} Briefe. Um sie zu senden: outbox letters --send</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} lines</source>
            <translation>
                <numerusform>{n} Linie</numerusform>
                <numerusform>{n} Linien</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} missing</source>
            <translation>
                <numerusform>{n} fehlend</numerusform>
                <numerusform>{n} fehlend</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} names are taken, and the delivery says not to begin then: see the plan.</source>
            <translation>
                <numerusform>{n} Name ist vergeben, und die Lieferung sagt, dass dann nicht begonnen wird: siehe Plan.</numerusform>
                <numerusform>{n} Namen sind vergeben, und die Lieferung sagt, dass dann nicht begonnen wird: siehe Plan.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} not reached</source>
            <translation>
                <numerusform>{n} nicht erreicht</numerusform>
                <numerusform>{n} nicht erreicht</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} of them tell a place.</source>
            <translation>
                <numerusform>{n} davon verrät einen Ort.</numerusform>
                <numerusform>{n} davon verraten einen Ort.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} originals</source>
            <translation>
                <numerusform>{n} Original</numerusform>
                <numerusform>{n} Originale</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} parts</source>
            <translation>
                <numerusform>{n} Teil</numerusform>
                <numerusform>{n} Teile</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} parts found; {outcomes}.</source>
            <translation>
                <numerusform>{n} Teil gefunden; {outcomes}.</numerusform>
                <numerusform>{n} Teile gefunden; {outcomes}.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures</source>
            <translation>
                <numerusform>{n} Bild</numerusform>
                <numerusform>{n} Bilder</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures are not where they were. The menu offers to find them again in another folder.</source>
            <translation>
                <numerusform>{n} Bild ist nicht, wo es war. Das Menü bietet an, es in einem anderen Ordner wiederzufinden.</numerusform>
                <numerusform>{n} Bilder sind nicht, wo sie waren. Das Menü bietet an, sie in einem anderen Ordner wiederzufinden.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures by "%1"…</source>
            <translation>
                <numerusform>{n} Bild nach „%1“…</numerusform>
                <numerusform>{n} Bilder nach „%1“…</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures came to this job from outside, the others were in it already.</source>
            <translation>
                <numerusform>{n} Bild kam von außen in diesen Auftrag, die anderen waren schon darin.</numerusform>
                <numerusform>{n} Bilder kamen von außen in diesen Auftrag, die anderen waren schon darin.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures came to this job from outside; one undo takes them out again.</source>
            <translation>
                <numerusform>{n} Bild kam von außen in diesen Auftrag; einmal „Rückgängig“ nimmt es wieder heraus.</numerusform>
                <numerusform>{n} Bilder kamen von außen in diesen Auftrag; einmal „Rückgängig“ nimmt sie wieder heraus.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures in %1</source>
            <translation>
                <numerusform>{n} Bild in %1</numerusform>
                <numerusform>{n} Bilder in %1</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pictures, copies were made of {known}</source>
            <translation>
                <numerusform>{n} Bild, Kopien wurden von {known} gemacht</numerusform>
                <numerusform>{n} Bilder, Kopien wurden von {known} gemacht</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} pixels wide</source>
            <translation>
                <numerusform>{n} Pixel breit</numerusform>
                <numerusform>{n} Pixel breit</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} points</source>
            <translation>
                <numerusform>{n} Punkt</numerusform>
                <numerusform>{n} Punkte</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} rows {ledgers} forgotten. The pictures themselves stay where they are.</source>
            <translation>
                <numerusform>{n} Zeile {ledgers} vergessen. Die Bilder selbst bleiben, wo sie sind.</numerusform>
                <numerusform>{n} Zeilen {ledgers} vergessen. Die Bilder selbst bleiben, wo sie sind.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} rows {ledgers} would go. Nothing is changed: say --yes to do it.</source>
            <translation>
                <numerusform>{n} Zeile {ledgers} ginge. Nichts ist geändert: Mit --yes geschieht es.</numerusform>
                <numerusform>{n} Zeilen {ledgers} gingen. Nichts ist geändert: Mit --yes geschieht es.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} runs with {copies} joined, {known} here already.</source>
            <translation>
                <numerusform>{n} Lauf mit {copies} verbunden, {known} schon hier.</numerusform>
                <numerusform>{n} Läufe mit {copies} verbunden, {known} schon hier.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} sent</source>
            <translation>
                <numerusform>{n} gesendet</numerusform>
                <numerusform>{n} gesendet</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} that can't be read</source>
            <translation>
                <numerusform>{n} nicht lesbar</numerusform>
                <numerusform>{n} nicht lesbar</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} untouched</source>
            <translation>
                <numerusform>{n} unberührt</numerusform>
                <numerusform>{n} unberührt</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>{n} waiting</source>
            <translation>
                <numerusform>{n} wartend</numerusform>
                <numerusform>{n} wartend</numerusform>
            </translation>
        </message>
        <message>
            <source>{option} has to be given</source>
            <translation>{option} muss angegeben werden</translation>
        </message>
        <message>
            <source>{option} is one of {choices}, not {value}</source>
            <translation>{option} ist eines von {choices}, nicht {value}</translation>
        </message>
        <message>
            <source>{option} is {least} to {most}, not {value}</source>
            <translation>{option} geht von {least} bis {most}, nicht {value}</translation>
        </message>
        <message>
            <source>{option} needs a value</source>
            <translation>{option} braucht einen Wert</translation>
        </message>
        <message>
            <source>{option} needs {other}</source>
            <translation>{option} braucht {other}</translation>
        </message>
        <message>
            <source>{outcomes}. They are in {folder}</source>
            <translation>{outcomes}. Sie liegen in {folder}</translation>
        </message>
        <message numerus="yes">
            <source>{parts} and {n} more</source>
            <translation>
                <numerusform>{parts} und {n} weiterer</numerusform>
                <numerusform>{parts} und {n} weitere</numerusform>
            </translation>
        </message>
        <message>
            <source>{pixels} high</source>
            <translation>{pixels} hoch</translation>
        </message>
        <message>
            <source>{pixels} on the long side</source>
            <translation>{pixels} an der langen Seite</translation>
        </message>
        <message>
            <source>{pixels} on the short side</source>
            <translation>{pixels} an der kurzen Seite</translation>
        </message>
        <message>
            <source>{pixels} wide</source>
            <translation>{pixels} breit</translation>
        </message>
        <message>
            <source>{place}: a directory that makes no sense</source>
            <translation>{place}: ein Verzeichnis, das keinen Sinn ergibt</translation>
        </message>
        <message>
            <source>{place}: no TIFF header</source>
            <translation>{place}: kein TIFF-Kopf</translation>
        </message>
        <message>
            <source>{sizes}, about {bytes}</source>
            <translation>{sizes}, etwa {bytes}</translation>
        </message>
        <message>
            <source>{station}: its design was changed</source>
            <translation>{station}: die Gestaltung wurde geändert</translation>
        </message>
        <message>
            <source>{station}: {setting} {is}, was {was}</source>
            <translation>{station}: {setting} {is}, war {was}</translation>
        </message>
        <message>
            <source>{subject} stays behind: what stands there is no value of its kind, or tells a place</source>
            <translation>{subject} bleibt zurück: was dort steht, ist kein Wert dieser Art oder verrät einen Ort</translation>
        </message>
        <message>
            <source>{title|{name}}</source>
            <translation>{title|{name}}</translation>
        </message>
        <message>
            <source>{to} is not there as it was sent</source>
            <translation>{to} ist nicht dort, wie es gesendet wurde</translation>
        </message>
        <message>
            <source>{up} pictures a page are not possible</source>
            <translation>{up} Bilder je Seite sind nicht möglich</translation>
        </message>
        <message>
            <source>{value} is not allowed</source>
            <translation>{value} ist nicht erlaubt</translation>
        </message>
        <message>
            <source>{what}: nothing came or went for {seconds} seconds</source>
            <translation>{what}: {seconds} Sekunden lang kam und ging nichts</translation>
        </message>
        <message>
            <source>{what}: the letter is larger than the server takes, or the receiver's box is full</source>
            <translation>{what}: der Brief ist größer, als der Server nimmt, oder das Postfach des Empfängers ist voll</translation>
        </message>
        <message>
            <source>{what}: the line broke, or the server does not answer ({told})</source>
            <translation>{what}: die Leitung brach ab, oder der Server antwortet nicht ({told})</translation>
        </message>
        <message>
            <source>{what}: the server answered with {status}</source>
            <translation>{what}: der Server antwortete mit {status}</translation>
        </message>
        <message>
            <source>{what}: the server answered with {status}, as for an address that it does not know or let through</source>
            <translation>{what}: der Server antwortete mit {status}, wie bei einer Adresse, die er nicht kennt oder nicht durchlässt</translation>
        </message>
        <message>
            <source>{what}: the server does not allow it ({told})</source>
            <translation>{what}: der Server erlaubt es nicht ({told})</translation>
        </message>
        <message>
            <source>{what}: the server is full</source>
            <translation>{what}: der Server ist voll</translation>
        </message>
        <message>
            <source>{width} × {height} pixels</source>
            <translation>{width} × {height} Pixel</translation>
        </message>
        <message>
            <source>{width} × {height} {unit} on paper</source>
            <translation>{width} × {height} {unit} auf Papier</translation>
        </message>
        <message>
            <source>{width} × {height} {unit} on paper, filled</source>
            <translation>{width} × {height} {unit} auf Papier, gefüllt</translation>
        </message>
        <message>
            <source>{width} × {height} {unit} on paper, padded</source>
            <translation>{width} × {height} {unit} auf Papier, aufgefüllt</translation>
        </message>
        <message>
            <source>{worst} of 100 at worst, {mean} on average</source>
            <translation>{worst} von 100 im schlechtesten Fall, {mean} im Mittel</translation>
        </message>
        <message>
            <source>{{{subject}} stands for {meaning}, which is not said yet</source>
            <translation>{{{subject}} ist nicht gesagt ({meaning})</translation>
        </message>
        <message>
            <source>© with the year it was taken and the creator that is already in the picture</source>
            <translation>© mit dem Jahr der Aufnahme und dem Urheber, der schon im Bild steht</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::AdviceBox</name>
        <message>
            <source>%1, %2 of 100: %3</source>
            <translation>%1, %2 von 100: %3</translation>
        </message>
        <message>
            <source>%1, not worked out yet</source>
            <translation>%1, noch nicht berechnet</translation>
        </message>
        <message>
            <source>%1: %2
structure %3 · readable %4 · kept by crops %5 · clear of the subject %6
Lost by: %7</source>
            <translation>%1: %2
Struktur %3 · lesbar %4 · von Zuschnitten behalten %5 · neben dem Motiv %6
Verloren bei: %7</translation>
        </message>
        <message>
            <source>&lt;b&gt;%1&lt;/b&gt;: %2.</source>
            <translation>&lt;b&gt;%1&lt;/b&gt;: %2.</translation>
        </message>
        <message>
            <source>A pattern all over needs no place.</source>
            <translation>Ein Muster über alles braucht keinen Platz.</translation>
        </message>
        <message>
            <source>Advice on the place</source>
            <translation>Rat zum Platz</translation>
        </message>
        <message>
            <source>Being worked out.</source>
            <translation>Wird berechnet.</translation>
        </message>
        <message>
            <source>Better: %1, %2 points against %3.</source>
            <translation>Besser: %1, %2 Punkte gegen %3.</translation>
        </message>
        <message>
            <source>Choose a picture of yours as the ground.</source>
            <translation>Wählen Sie eines Ihrer Bilder als Grund.</translation>
        </message>
        <message>
            <source>Place for me, picture by picture</source>
            <translation>Platz für mich wählen, Bild für Bild</translation>
        </message>
        <message>
            <source>Scores of the nine places, out of 100</source>
            <translation>Punkte der neun Plätze, von 100</translation>
        </message>
        <message>
            <source>Takes the best of the allowed places for each picture; see Placing</source>
            <translation>Nimmt für jedes Bild den besten der erlaubten Plätze; siehe „Platzieren“</translation>
        </message>
        <message>
            <source>The seal stands at a point of its own.</source>
            <translation>Das Siegel steht an einem eigenen Punkt.</translation>
        </message>
        <message>
            <source>moving the seal</source>
            <translation>Siegel verschieben</translation>
        </message>
        <message>
            <source>none of the usual crops</source>
            <translation>keiner der üblichen Zuschnitte</translation>
        </message>
        <message>
            <source>nothing against it</source>
            <translation>nichts spricht dagegen</translation>
        </message>
        <message>
            <source>placing for me</source>
            <translation>Platz wählen lassen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::AlbumDialog</name>
        <message>
            <source>A sentence under the title</source>
            <translation>Ein Satz unter dem Titel</translation>
        </message>
        <message>
            <source>A web album</source>
            <translation>Ein Webalbum</translation>
        </message>
        <message>
            <source>About it</source>
            <translation>Darüber</translation>
        </message>
        <message>
            <source>Ask search engines to pass by</source>
            <translation>Suchmaschinen bitten, vorbeizugehen</translation>
        </message>
        <message>
            <source>Choose…</source>
            <translation>Wählen…</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Schließen</translation>
        </message>
        <message>
            <source>Copies of</source>
            <translation>Kopien von</translation>
        </message>
        <message>
            <source>Left out: %1</source>
            <translation>Ausgelassen: %1</translation>
        </message>
        <message>
            <source>Make the album</source>
            <translation>Album machen</translation>
        </message>
        <message>
            <source>Making the album…</source>
            <translation>Album wird gemacht…</translation>
        </message>
        <message>
            <source>New folder</source>
            <translation>Neuer Ordner</translation>
        </message>
        <message>
            <source>Open it</source>
            <translation>Öffnen</translation>
        </message>
        <message>
            <source>Pictures</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <source>Pictures that are in the album</source>
            <translation>Bilder, die im Album sind</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Stopp</translation>
        </message>
        <message>
            <source>The album's folder is made in</source>
            <translation>Der Ordner des Albums entsteht in</translation>
        </message>
        <message>
            <source>The copies can be downloaded</source>
            <translation>Die Kopien können heruntergeladen werden</translation>
        </message>
        <message>
            <source>Title</source>
            <translation>Titel</translation>
        </message>
        <message>
            <source>and %1 more</source>
            <translation>und %1 weitere</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::AnswerView</name>
        <message>
            <source>Back to the register</source>
            <translation>Zurück zum Register</translation>
        </message>
        <message>
            <source>Looking…</source>
            <translation>Suche…</translation>
        </message>
        <message>
            <source>Pictures that were met</source>
            <translation>Angetroffene Bilder</translation>
        </message>
        <message>
            <source>Save a report…</source>
            <translation>Bericht speichern…</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Stopp</translation>
        </message>
        <message>
            <source>What the chosen picture is</source>
            <translation>Was das gewählte Bild ist</translation>
        </message>
        <message>
            <source>as it was met</source>
            <translation>wie angetroffen</translation>
        </message>
        <message>
            <source>the picture on the clipboard</source>
            <translation>das Bild in der Zwischenablage</translation>
        </message>
        <message>
            <source>what left</source>
            <translation>was hinausging</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::ArrivalDialog</name>
        <message>
            <source>%1, here as “%2”: you have one of that name, it stays as it is</source>
            <translation>%1, hier als „%2“: Sie haben schon eines dieses Namens, es bleibt, wie es ist</translation>
        </message>
        <message>
            <source>Colour profiles</source>
            <translation>Farbprofile</translation>
        </message>
        <message>
            <source>Leave it</source>
            <translation>Liegen lassen</translation>
        </message>
        <message>
            <source>Logos</source>
            <translation>Logos</translation>
        </message>
        <message>
            <source>Nothing of yours is replaced.</source>
            <translation>Nichts von Ihnen wird ersetzt.</translation>
        </message>
        <message>
            <source>One seal</source>
            <translation>Ein Siegel</translation>
        </message>
        <message>
            <source>Take it in</source>
            <translation>Hereinnehmen</translation>
        </message>
        <message>
            <source>Typefaces, where you have none of their name</source>
            <translation>Schriften, soweit Sie keine dieses Namens haben</translation>
        </message>
        <message>
            <source>What would come in</source>
            <translation>Was hereinkäme</translation>
        </message>
        <message>
            <source>“%1” wants its copies to tell where the pictures were taken. It comes in with that closed; only you can open it, at its station Privacy.</source>
            <translation>„%1“ will, dass seine Kopien verraten, wo die Bilder aufgenommen wurden. Es kommt damit geschlossen herein; nur Sie können es öffnen, an der Station Privates.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::AttackCard</name>
        <message>
            <source>%1 of 100</source>
            <translation>%1 von 100</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>%1: %2 of 100 at worst</source>
            <translation>%1: schlechtestenfalls %2 von 100</translation>
        </message>
        <message>
            <source>not tried</source>
            <translation>nicht versucht</translation>
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
            <translation>Dagegen</translation>
        </message>
        <message>
            <source>As it is now</source>
            <translation>Wie es jetzt ist</translation>
        </message>
        <message>
            <source>Border of %1</source>
            <translation>Rahmen von %1</translation>
        </message>
        <message>
            <source>Borders on this picture</source>
            <translation>Rahmen auf diesem Bild</translation>
        </message>
        <message>
            <source>Borders to choose from</source>
            <translation>Rahmen zur Wahl</translation>
        </message>
        <message>
            <source>Keep the left one</source>
            <translation>Den linken behalten</translation>
        </message>
        <message>
            <source>Leave as it is</source>
            <translation>Lassen, wie es ist</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>Remove</source>
            <translation>Entfernen</translation>
        </message>
        <message>
            <source>Take the left one</source>
            <translation>Den linken nehmen</translation>
        </message>
        <message>
            <source>Take the right one</source>
            <translation>Den rechten nehmen</translation>
        </message>
        <message>
            <source>name to keep it under</source>
            <translation>Name, unter dem er behalten wird</translation>
        </message>
        <message>
            <source>the same, other widths</source>
            <translation>derselbe, andere Breiten</translation>
        </message>
        <message>
            <source>“%1” is in the library.</source>
            <translation>„%1“ ist in der Bibliothek.</translation>
        </message>
        <message>
            <source>“%1” was set aside; it lies in removed/.</source>
            <translation>„%1“ wurde beiseitegelegt; es liegt in removed/.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::BorderEditor</name>
        <message>
            <source>%1 (%2 of %3)</source>
            <translation>%1 (%2 von %3)</translation>
        </message>
        <message>
            <source>Add a ring</source>
            <translation>Ring hinzufügen</translation>
        </message>
        <message>
            <source>Choose a picture to see its sizes.</source>
            <translation>Wählen Sie ein Bild, um seine Maße zu sehen.</translation>
        </message>
        <message>
            <source>Further outwards</source>
            <translation>Weiter nach außen</translation>
        </message>
        <message>
            <source>Nearer to the picture</source>
            <translation>Näher an das Bild</translation>
        </message>
        <message>
            <source>No ring yet</source>
            <translation>Noch kein Ring</translation>
        </message>
        <message>
            <source>Remove this ring</source>
            <translation>Diesen Ring entfernen</translation>
        </message>
        <message>
            <source>Sizes of picture, border and whole</source>
            <translation>Maße von Bild, Rahmen und Ganzem</translation>
        </message>
        <message>
            <source>Take this ring's colour from the picture</source>
            <translation>Farbe dieses Rings aus dem Bild nehmen</translation>
        </message>
        <message>
            <source>adding a ring</source>
            <translation>Ring hinzufügen</translation>
        </message>
        <message>
            <source>changing “%1”</source>
            <translation>„%1“ ändern</translation>
        </message>
        <message>
            <source>drawing a ring</source>
            <translation>Ring ziehen</translation>
        </message>
        <message>
            <source>moving a ring</source>
            <translation>Ring verschieben</translation>
        </message>
        <message>
            <source>removing a ring</source>
            <translation>Ring entfernen</translation>
        </message>
        <message>
            <source>taking a colour from the picture</source>
            <translation>Farbe aus dem Bild nehmen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::BorderPane</name>
        <message>
            <source>%1 × %2 mm, ratio %3</source>
            <translation>%1 × %2 mm, Verhältnis %3</translation>
        </message>
        <message>
            <source>All widths</source>
            <translation>Alle Breiten</translation>
        </message>
        <message>
            <source>picture %1 × %2 px
border %3 left, %4 top, %5 right, %6 bottom
whole %7 × %8 px, %9</source>
            <translation>Bild %1 × %2 px
Rahmen %3 links, %4 oben, %5 rechts, %6 unten
ganz %7 × %8 px, %9</translation>
        </message>
        <message>
            <source>without a name</source>
            <translation>ohne Namen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::CardKeys</name>
        <message>
            <source>%1 is for "%2".</source>
            <translation>%1 ist für „%2“.</translation>
        </message>
        <message>
            <source>%1 is the desktop's, or means something else on pictures.</source>
            <translation>%1 gehört dem Desktop oder heißt auf Bildern etwas anderes.</translation>
        </message>
        <message>
            <source>%1 is the key of "%2".</source>
            <translation>%1 ist die Taste von „%2“.</translation>
        </message>
        <message>
            <source>A key for "%1"</source>
            <translation>Eine Taste für „%1“</translation>
        </message>
        <message>
            <source>A key for this delivery…</source>
            <translation>Taste für diese Lieferung…</translation>
        </message>
        <message>
            <source>It stamps the chosen pictures by this delivery, at once, wherever pictures have the focus. Press the key, as in Ctrl+1 or F9.</source>
            <translation>Sie stempelt die gewählten Bilder sofort nach dieser Lieferung, wo immer Bilder den Fokus haben. Drücken Sie die Taste, etwa Strg+1 oder F9.</translation>
        </message>
        <message>
            <source>Key</source>
            <translation>Taste</translation>
        </message>
        <message>
            <source>No key</source>
            <translation>Keine Taste</translation>
        </message>
        <message>
            <source>Stamp the chosen pictures by "%1"</source>
            <translation>Gewählte Bilder nach „%1“ stempeln</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::CellDelegate</name>
        <message>
            <source>nothing</source>
            <translation>nichts</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::ChainView</name>
        <message>
            <source>%1 MP</source>
            <translation>%L1 MP</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 von %2</translation>
        </message>
        <message>
            <source>Chain of stations</source>
            <translation>Kette der Stationen</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>Original</translation>
        </message>
        <message>
            <source>being read</source>
            <translation>wird gelesen</translation>
        </message>
        <message>
            <source>cannot be read</source>
            <translation>nicht lesbar</translation>
        </message>
        <message>
            <source>choose a folder</source>
            <translation>Ordner wählen</translation>
        </message>
        <message>
            <source>choose a format</source>
            <translation>Format wählen</translation>
        </message>
        <message>
            <source>developed</source>
            <translation>entwickelt</translation>
        </message>
        <message>
            <source>enlarged to %1 %</source>
            <translation>vergrößert auf %1 %</translation>
        </message>
        <message>
            <source>no picture yet</source>
            <translation>noch kein Bild</translation>
        </message>
        <message>
            <source>the camera's own</source>
            <translation>das der Kamera</translation>
        </message>
        <message>
            <source>the place is told</source>
            <translation>der Ort wird verraten</translation>
        </message>
        <message>
            <source>turned upright</source>
            <translation>aufgerichtet</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::CheckModel</name>
        <message>
            <source>%1 : 1</source>
            <translation>%L1 : 1</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>Kopie</translation>
        </message>
        <message>
            <source>Delivery</source>
            <translation>Lieferung</translation>
        </message>
        <message>
            <source>Folder</source>
            <translation>Ordner</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>Original</translation>
        </message>
        <message>
            <source>Pixels</source>
            <translation>Pixel</translation>
        </message>
        <message>
            <source>Place</source>
            <translation>Aufnahmeort</translation>
        </message>
        <message>
            <source>Plan</source>
            <translation>Plan</translation>
        </message>
        <message>
            <source>Result</source>
            <translation>Ergebnis</translation>
        </message>
        <message>
            <source>Rights</source>
            <translation>Rechte</translation>
        </message>
        <message>
            <source>Seal</source>
            <translation>Siegel</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>Größe</translation>
        </message>
        <message>
            <source>about %1</source>
            <translation>etwa %1</translation>
        </message>
        <message>
            <source>already there</source>
            <translation>schon da</translation>
        </message>
        <message>
            <source>as it was</source>
            <translation>wie es war</translation>
        </message>
        <message>
            <source>changed</source>
            <translation>geändert</translation>
        </message>
        <message>
            <source>failed</source>
            <translation>misslungen</translation>
        </message>
        <message>
            <source>held back</source>
            <translation>zurückgehalten</translation>
        </message>
        <message>
            <source>held back: %1</source>
            <translation>zurückgehalten: %1</translation>
        </message>
        <message>
            <source>in your words</source>
            <translation>in Ihren Worten</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>ausgelassen</translation>
        </message>
        <message>
            <source>left out: %1</source>
            <translation>ausgelassen: %1</translation>
        </message>
        <message>
            <source>made</source>
            <translation>gemacht</translation>
        </message>
        <message>
            <source>made, replaced</source>
            <translation>gemacht, ersetzt</translation>
        </message>
        <message>
            <source>made; %1</source>
            <translation>gemacht; %1</translation>
        </message>
        <message>
            <source>none</source>
            <translation>nichts</translation>
        </message>
        <message>
            <source>none written</source>
            <translation>keine geschrieben</translation>
        </message>
        <message>
            <source>not reached</source>
            <translation>nicht erreicht</translation>
        </message>
        <message>
            <source>on it</source>
            <translation>darauf</translation>
        </message>
        <message>
            <source>removed</source>
            <translation>entfernt</translation>
        </message>
        <message>
            <source>the name is taken: the run will not begin</source>
            <translation>der Name ist vergeben: der Lauf beginnt nicht</translation>
        </message>
        <message>
            <source>told, as asked</source>
            <translation>verraten, wie verlangt</translation>
        </message>
        <message>
            <source>will be made</source>
            <translation>wird gemacht</translation>
        </message>
        <message>
            <source>written</source>
            <translation>geschrieben</translation>
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
            <translation>Ein Kontaktbogen, ein Webalbum oder eine Tabelle dieses Laufs, zum Verschicken oder Ablegen</translation>
        </message>
        <message>
            <source>Accepted</source>
            <translation>Angenommen</translation>
        </message>
        <message>
            <source>Again with</source>
            <translation>Nochmals mit</translation>
        </message>
        <message>
            <source>All (%1)</source>
            <translation>Alle (%1)</translation>
        </message>
        <message>
            <source>All that is known of the chosen copy</source>
            <translation>Alles, was von der gewählten Kopie bekannt ist</translation>
        </message>
        <message>
            <source>Already there or left out</source>
            <translation>Schon da oder ausgelassen</translation>
        </message>
        <message>
            <source>Change something for the chosen pictures and stamp just these again</source>
            <translation>Etwas für die gewählten Bilder ändern und nur diese nochmals stempeln</translation>
        </message>
        <message>
            <source>Contact sheet as PDF…</source>
            <translation>Kontaktbogen als PDF…</translation>
        </message>
        <message>
            <source>Contact sheet as a web page…</source>
            <translation>Kontaktbogen als Webseite…</translation>
        </message>
        <message>
            <source>Copies</source>
            <translation>Kopien</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>Kopie</translation>
        </message>
        <message>
            <source>Copy the chosen copies</source>
            <translation>Gewählte Kopien kopieren</translation>
        </message>
        <message>
            <source>Deliver all the same</source>
            <translation>Trotzdem liefern</translation>
        </message>
        <message>
            <source>Find a name, a folder, a note</source>
            <translation>Name, Ordner oder Hinweis suchen</translation>
        </message>
        <message>
            <source>Find copies</source>
            <translation>Kopien suchen</translation>
        </message>
        <message>
            <source>Fine</source>
            <translation>Gut</translation>
        </message>
        <message>
            <source>Fit</source>
            <translation>Einpassen</translation>
        </message>
        <message>
            <source>Four pictures a page…</source>
            <translation>Vier Bilder je Seite…</translation>
        </message>
        <message>
            <source>Go to %1</source>
            <translation>Zu %1 gehen</translation>
        </message>
        <message>
            <source>Go to where the cause lies</source>
            <translation>Dorthin gehen, wo die Ursache liegt</translation>
        </message>
        <message>
            <source>Held back</source>
            <translation>Zurückgehalten</translation>
        </message>
        <message>
            <source>Ledger as a table (CSV)…</source>
            <translation>Protokoll als Tabelle (CSV)…</translation>
        </message>
        <message>
            <source>Left out</source>
            <translation>Ausgelassen</translation>
        </message>
        <message>
            <source>Look</source>
            <translation>Ansehen</translation>
        </message>
        <message>
            <source>Loupe: %1</source>
            <translation>Lupe: %1</translation>
        </message>
        <message>
            <source>Make the chosen copies in spite of what they lack; the ledger says so</source>
            <translation>Die gewählten Kopien machen, obwohl ihnen etwas fehlt; das Protokoll sagt es</translation>
        </message>
        <message>
            <source>Mend it</source>
            <translation>Beheben</translation>
        </message>
        <message>
            <source>Nine pictures a page…</source>
            <translation>Neun Bilder je Seite…</translation>
        </message>
        <message>
            <source>Not reached</source>
            <translation>Nicht erreicht</translation>
        </message>
        <message>
            <source>Note</source>
            <translation>Hinweis</translation>
        </message>
        <message>
            <source>One picture a page…</source>
            <translation>Ein Bild je Seite…</translation>
        </message>
        <message>
            <source>Open folder</source>
            <translation>Ordner öffnen</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>Original</translation>
        </message>
        <message>
            <source>Print proof sheets</source>
            <translation>Proben drucken</translation>
        </message>
        <message>
            <source>Problem</source>
            <translation>Problem</translation>
        </message>
        <message>
            <source>Problems</source>
            <translation>Probleme</translation>
        </message>
        <message>
            <source>Proof sheets for print</source>
            <translation>Probebögen für den Druck</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Bericht</translation>
        </message>
        <message>
            <source>SHA-256</source>
            <translation>SHA-256</translation>
        </message>
        <message>
            <source>Say who you are…</source>
            <translation>Sagen, wer Sie sind…</translation>
        </message>
        <message>
            <source>Seal</source>
            <translation>Siegel</translation>
        </message>
        <message>
            <source>Sent</source>
            <translation>Gesendet</translation>
        </message>
        <message>
            <source>To be made</source>
            <translation>Zu machen</translation>
        </message>
        <message>
            <source>Two pictures a page…</source>
            <translation>Zwei Bilder je Seite…</translation>
        </message>
        <message>
            <source>Web album…</source>
            <translation>Webalbum…</translation>
        </message>
        <message>
            <source>Which copies are shown</source>
            <translation>Welche Kopien gezeigt werden</translation>
        </message>
        <message>
            <source>Worth a look</source>
            <translation>Anzusehen</translation>
        </message>
        <message>
            <source>Written</source>
            <translation>Geschrieben</translation>
        </message>
        <message>
            <source>contrast %1 : 1 as measured</source>
            <translation>Kontrast %L1 : 1, gemessen</translation>
        </message>
        <message>
            <source>none</source>
            <translation>nichts</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::ColourControl</name>
        <message>
            <source>Choose any colour</source>
            <translation>Beliebige Farbe wählen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::CompareDeliveries</name>
        <message>
            <source>%1, as kept</source>
            <translation>%1, wie behalten</translation>
        </message>
        <message>
            <source>Left delivery</source>
            <translation>Linke Lieferung</translation>
        </message>
        <message>
            <source>Right delivery</source>
            <translation>Rechte Lieferung</translation>
        </message>
        <message>
            <source>The two are the same.</source>
            <translation>Die beiden sind gleich.</translation>
        </message>
        <message>
            <source>Two deliveries of %1</source>
            <translation>Zwei Lieferungen von %1</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::CropView</name>
        <message>
            <source>%1 · %2 % from the left, %3 % from the top</source>
            <translation>%1 · %2 % von links, %3 % von oben</translation>
        </message>
        <message>
            <source>Crop of one picture</source>
            <translation>Zuschnitt eines Bildes</translation>
        </message>
        <message>
            <source>cropping this picture</source>
            <translation>dieses Bild zuschneiden</translation>
        </message>
        <message>
            <source>taking back this picture's crop</source>
            <translation>Zuschnitt dieses Bildes zurücknehmen</translation>
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
            <translation>Lieferungen</translation>
        </message>
        <message>
            <source>Menu</source>
            <translation>Menü</translation>
        </message>
        <message>
            <source>New delivery</source>
            <translation>Neue Lieferung</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>Wiederholen</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>Rückgängig</translation>
        </message>
        <message>
            <source>no pictures yet</source>
            <translation>noch keine Bilder</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::DeliveryCard</name>
        <message>
            <source>  and %1 more</source>
            <translation>  und %1 weitere</translation>
        </message>
        <message>
            <source>%1 held back</source>
            <translation>%1 zurückgehalten</translation>
        </message>
        <message>
            <source>%1 in the next run</source>
            <translation>%1 im nächsten Lauf</translation>
        </message>
        <message>
            <source>%1 px</source>
            <translation>%1 px</translation>
        </message>
        <message>
            <source>, changed</source>
            <translation>, geändert</translation>
        </message>
        <message>
            <source>Changed since it was kept:</source>
            <translation>Geändert, seit sie behalten wurde:</translation>
        </message>
        <message>
            <source>Delivery %1</source>
            <translation>Lieferung %1</translation>
        </message>
        <message>
            <source>F2 renames, the right button offers more, dragging changes the order</source>
            <translation>F2 benennt um, die rechte Maustaste bietet mehr, Ziehen ändert die Reihenfolge</translation>
        </message>
        <message>
            <source>In the next run</source>
            <translation>Im nächsten Lauf</translation>
        </message>
        <message>
            <source>TELLS THE PLACE</source>
            <translation>VERRÄT DEN ORT</translation>
        </message>
        <message>
            <source>changed</source>
            <translation>geändert</translation>
        </message>
        <message>
            <source>not in the next run</source>
            <translation>nicht im nächsten Lauf</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::DeliveryDesk</name>
        <message>
            <source>Choose a picture first: deliveries are compared on it.</source>
            <translation>Wählen Sie erst ein Bild: Daran werden Lieferungen verglichen.</translation>
        </message>
        <message>
            <source>Compare two deliveries…</source>
            <translation>Zwei Lieferungen vergleichen…</translation>
        </message>
        <message>
            <source>Deliveries (*.json)</source>
            <translation>Lieferungen (*.json)</translation>
        </message>
        <message>
            <source>Duplicate</source>
            <translation>Verdoppeln</translation>
        </message>
        <message>
            <source>Keep the delivery</source>
            <translation>Lieferung behalten</translation>
        </message>
        <message>
            <source>Kept by you</source>
            <translation>Von Ihnen behalten</translation>
        </message>
        <message>
            <source>Like the chosen one</source>
            <translation>Wie die gewählte</translation>
        </message>
        <message>
            <source>Move to the left</source>
            <translation>Nach links</translation>
        </message>
        <message>
            <source>Move to the right</source>
            <translation>Nach rechts</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>Notes</source>
            <translation>Notizen</translation>
        </message>
        <message>
            <source>Notes and tags</source>
            <translation>Notizen und Schlagworte</translation>
        </message>
        <message>
            <source>Notes and tags…</source>
            <translation>Notizen und Schlagworte…</translation>
        </message>
        <message>
            <source>Open a delivery</source>
            <translation>Lieferung öffnen</translation>
        </message>
        <message>
            <source>Open a delivery…</source>
            <translation>Lieferung öffnen…</translation>
        </message>
        <message>
            <source>Put back what was kept</source>
            <translation>Zurückstellen auf das Behaltene</translation>
        </message>
        <message>
            <source>Remove</source>
            <translation>Entfernen</translation>
        </message>
        <message>
            <source>Rename the delivery</source>
            <translation>Lieferung umbenennen</translation>
        </message>
        <message>
            <source>Rename…</source>
            <translation>Umbenennen…</translation>
        </message>
        <message>
            <source>Save it as a file…</source>
            <translation>Als Datei speichern…</translation>
        </message>
        <message>
            <source>Save the delivery</source>
            <translation>Lieferung speichern</translation>
        </message>
        <message>
            <source>Saved in %1.</source>
            <translation>Gespeichert in %1.</translation>
        </message>
        <message>
            <source>Share all ticked ones…</source>
            <translation>Alle angehakten teilen…</translation>
        </message>
        <message>
            <source>Share deliveries</source>
            <translation>Lieferungen teilen</translation>
        </message>
        <message>
            <source>Share it with all it needs…</source>
            <translation>Mit allem Nötigen teilen…</translation>
        </message>
        <message>
            <source>Shared deliveries (*.zip)</source>
            <translation>Geteilte Lieferungen (*.zip)</translation>
        </message>
        <message>
            <source>Tags, parted by commas</source>
            <translation>Schlagworte, durch Kommas getrennt</translation>
        </message>
        <message>
            <source>Take in shared deliveries</source>
            <translation>Geteilte Lieferungen hereinnehmen</translation>
        </message>
        <message>
            <source>Take in shared deliveries…</source>
            <translation>Geteilte Lieferungen hereinnehmen…</translation>
        </message>
        <message>
            <source>There is only one delivery: the button + makes another.</source>
            <translation>Es gibt nur eine Lieferung: Der Knopf + macht eine weitere.</translation>
        </message>
        <message>
            <source>To start from</source>
            <translation>Zum Anfangen</translation>
        </message>
        <message>
            <source>“%1” is kept: the button + offers it.</source>
            <translation>„%1“ ist behalten: Der Knopf + bietet sie an.</translation>
        </message>
        <message>
            <source>“%1” wants its copies to tell where the pictures were taken. It was opened with that closed; only you can open it, at its station Privacy.</source>
            <translation>„%1“ will, dass seine Kopien verraten, wo die Bilder aufgenommen wurden. Es wurde damit geschlossen geöffnet; nur Sie können es öffnen, an der Station Privates.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::DesignDesk</name>
        <message>
            <source>Choose a picture first: borders are compared on it.</source>
            <translation>Wählen Sie erst ein Bild: Daran werden Rahmen verglichen.</translation>
        </message>
        <message>
            <source>Keep the rights sheet</source>
            <translation>Rechteblatt behalten</translation>
        </message>
        <message>
            <source>Keep this sheet as…</source>
            <translation>Dieses Blatt behalten als…</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>Open some pictures first: a seal is tried on them.</source>
            <translation>Öffnen Sie erst Bilder: An ihnen wird ein Siegel erprobt.</translation>
        </message>
        <message>
            <source>Read a rights sheet</source>
            <translation>Rechteblatt lesen</translation>
        </message>
        <message>
            <source>Read an XMP file…</source>
            <translation>XMP-Datei lesen…</translation>
        </message>
        <message>
            <source>Seal of %1</source>
            <translation>Siegel von %1</translation>
        </message>
        <message>
            <source>Set aside</source>
            <translation>Beiseitelegen</translation>
        </message>
        <message>
            <source>The typeface “%1” is in the library.</source>
            <translation>Die Schrift „%1“ ist in der Bibliothek.</translation>
        </message>
        <message>
            <source>There is no seal to be tried: give it a part, or switch it on.</source>
            <translation>Da ist kein Siegel zu erproben: Geben Sie ihm einen Teil oder schalten Sie es ein.</translation>
        </message>
        <message>
            <source>Write an XMP file…</source>
            <translation>XMP-Datei schreiben…</translation>
        </message>
        <message>
            <source>Write the rights sheet</source>
            <translation>Rechteblatt schreiben</translation>
        </message>
        <message>
            <source>XMP files (*.xmp)</source>
            <translation>XMP-Dateien (*.xmp)</translation>
        </message>
        <message>
            <source>a sheet from an XMP file</source>
            <translation>Blatt aus einer XMP-Datei</translation>
        </message>
        <message>
            <source>keeping the seal</source>
            <translation>Siegel behalten</translation>
        </message>
        <message>
            <source>naming the sheet</source>
            <translation>Blatt benennen</translation>
        </message>
        <message>
            <source>taking a border</source>
            <translation>Rahmen nehmen</translation>
        </message>
        <message>
            <source>taking the seal “%1”</source>
            <translation>Siegel „%1“ nehmen</translation>
        </message>
        <message>
            <source>taking the sheet %1</source>
            <translation>Blatt %1 nehmen</translation>
        </message>
        <message>
            <source>“%1” is in the library.</source>
            <translation>„%1“ ist in der Bibliothek.</translation>
        </message>
        <message>
            <source>“%1” was set aside; it lies in removed/.</source>
            <translation>„%1“ wurde beiseitegelegt; es liegt in removed/.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::Drawer</name>
        <message>
            <source>
Enlarged to %1 %: it will look soft.</source>
            <translation>
Vergrößert auf %1 %: Es wird weich aussehen.</translation>
        </message>
        <message>
            <source>
Smaller than asked: it has no more pixels.</source>
            <translation>
Kleiner als verlangt: Es hat nicht mehr Pixel.</translation>
        </message>
        <message>
            <source>
This picture is not meant: it keeps its own size.</source>
            <translation>
Dieses Bild ist nicht gemeint: Es behält seine Größe.</translation>
        </message>
        <message>
            <source>%1 × %2 of %3 × %4 px are kept.</source>
            <translation>%1 × %2 von %3 × %4 px bleiben.</translation>
        </message>
        <message>
            <source>A divider over the copy's own pixels</source>
            <translation>Eine Trennlinie über den Pixeln der Kopie selbst</translation>
        </message>
        <message>
            <source>A field of its metadata</source>
            <translation>Ein Feld seiner Metadaten</translation>
        </message>
        <message>
            <source>Add a token to the name</source>
            <translation>Platzhalter in den Namen setzen</translation>
        </message>
        <message>
            <source>Before and after at %1 %</source>
            <translation>Vorher und nachher bei %1 %</translation>
        </message>
        <message>
            <source>Borders of the library, side by side with this one (Ctrl+Shift+B)</source>
            <translation>Rahmen der Bibliothek neben diesem (Strg+Umschalt+B)</translation>
        </message>
        <message>
            <source>Choose a picture to see its sizes.</source>
            <translation>Wählen Sie ein Bild, um seine Maße zu sehen.</translation>
        </message>
        <message>
            <source>Choose…</source>
            <translation>Wählen…</translation>
        </message>
        <message>
            <source>Compare…</source>
            <translation>Vergleichen…</translation>
        </message>
        <message>
            <source>Connects, writes a small file and takes it away again; then copies may be sent there</source>
            <translation>Stellt die Verbindung her, schreibt eine kleine Datei und nimmt sie wieder weg; danach dürfen Kopien dorthin</translation>
        </message>
        <message>
            <source>Crop this picture by hand</source>
            <translation>Dieses Bild von Hand zuschneiden</translation>
        </message>
        <message>
            <source>Design</source>
            <translation>Gestalten</translation>
        </message>
        <message>
            <source>Design this seal on the bench (Ctrl+B)</source>
            <translation>Dieses Siegel auf der Werkbank gestalten (Strg+B)</translation>
        </message>
        <message>
            <source>Formats side by side</source>
            <translation>Formate nebeneinander</translation>
        </message>
        <message>
            <source>Names are shown here as soon as there are pictures and a folder.</source>
            <translation>Namen erscheinen hier, sobald es Bilder und einen Ordner gibt.</translation>
        </message>
        <message>
            <source>Names as they will be</source>
            <translation>Namen, wie sie sein werden</translation>
        </message>
        <message>
            <source>Outbox…</source>
            <translation>Ausgang…</translation>
        </message>
        <message>
            <source>Password…</source>
            <translation>Passwort…</translation>
        </message>
        <message>
            <source>Puts it into the desktop's secret store</source>
            <translation>Legt es in den Passwortspeicher des Desktops</translation>
        </message>
        <message>
            <source>Settings of the station</source>
            <translation>Einstellungen der Station</translation>
        </message>
        <message>
            <source>Shows the frame on the picture; it can be dragged</source>
            <translation>Zeigt den Rahmen auf dem Bild; er kann gezogen werden</translation>
        </message>
        <message>
            <source>Sizes of this picture's copy</source>
            <translation>Maße der Kopie dieses Bildes</translation>
        </message>
        <message>
            <source>Take a seal from the library (Ctrl+L)</source>
            <translation>Siegel aus der Bibliothek nehmen (Strg+L)</translation>
        </message>
        <message>
            <source>This picture's copy in every format, with its bytes</source>
            <translation>Die Kopie dieses Bildes in jedem Format, mit ihren Bytes</translation>
        </message>
        <message>
            <source>Try it out</source>
            <translation>Ausprobieren</translation>
        </message>
        <message>
            <source>What waits, what was sent, what is held and why</source>
            <translation>Was wartet, was gesendet wurde, was festgehalten ist und warum</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::EmptyPage</name>
        <message>
            <source>A picture that you met somewhere: is it yours, and which copy? (Ctrl+Shift+I)</source>
            <translation>Ein Bild, das Sie irgendwo antrafen: Ist es Ihres, und welche Kopie? (Strg+Umschalt+I)</translation>
        </message>
        <message>
            <source>Drop pictures or folders here</source>
            <translation>Bilder oder Ordner hierher ziehen</translation>
        </message>
        <message>
            <source>Every picture appears as the copy it will become: sized, sealed, with your rights in it
and without the place where it was taken. The originals are only ever read.</source>
            <translation>Jedes Bild erscheint als die Kopie, die daraus wird: in ihrer Größe, gesiegelt, mit Ihren Rechten darin
und ohne den Ort, an dem es aufgenommen wurde. Die Originale werden nur gelesen.</translation>
        </message>
        <message>
            <source>Open a folder…</source>
            <translation>Ordner öffnen…</translation>
        </message>
        <message>
            <source>Open pictures…</source>
            <translation>Bilder öffnen…</translation>
        </message>
        <message>
            <source>What is this picture?</source>
            <translation>Was ist dieses Bild?</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::FaultDialog</name>
        <message>
            <source>&amp;What happened, and what did you do before?</source>
            <translation>&amp;Was geschah, und was taten Sie davor?</translation>
        </message>
        <message>
            <source>Being gathered…</source>
            <translation>Wird gesammelt…</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>Kopie</translation>
        </message>
        <message>
            <source>Nothing is sent from here. Write what happened, look through what goes with it, and copy both into your report. No picture, name or path is in it.</source>
            <translation>Von hier wird nichts gesendet. Schreiben Sie, was geschah, sehen Sie durch, was dazukommt, und kopieren Sie beides in Ihre Meldung. Kein Bild, Name oder Pfad ist darin.</translation>
        </message>
        <message>
            <source>Tell of a fault</source>
            <translation>Fehler melden</translation>
        </message>
        <message>
            <source>What &amp;goes with it</source>
            <translation>Was &amp;dazukommt</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::FieldRow</name>
        <message>
            <source>as the original</source>
            <translation>wie das Original</translation>
        </message>
        <message>
            <source>holds coordinates</source>
            <translation>enthält Koordinaten</translation>
        </message>
        <message>
            <source>names the removed place %1</source>
            <translation>nennt den entfernten Ort %1</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>nichts</translation>
        </message>
        <message>
            <source>nothing is written</source>
            <translation>nichts wird geschrieben</translation>
        </message>
        <message>
            <source>removed by privacy</source>
            <translation>von „Privates“ entfernt</translation>
        </message>
        <message>
            <source>rule</source>
            <translation>Regel</translation>
        </message>
        <message>
            <source>rule %1</source>
            <translation>Regel %1</translation>
        </message>
        <message>
            <source>typed for this picture</source>
            <translation>für dieses Bild getippt</translation>
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
            <translation>Eine Lieferung hat einen Eintrag, wenn sie sagt, wohin ihre Kopien kommen, und in der Bibliothek liegt.</translation>
        </message>
        <message>
            <source>Deliveries in the file manager's menu</source>
            <translation>Lieferungen im Menü der Dateiverwaltung</translation>
        </message>
        <message>
            <source>The file manager has no entries of Keep Seal.</source>
            <translation>Die Dateiverwaltung hat keine Einträge von Keep Seal.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::FilterBar</name>
        <message>
            <source>%1 of %2 shown</source>
            <translation>%1 von %2 gezeigt</translation>
        </message>
        <message>
            <source>All pictures</source>
            <translation>Alle Bilder</translation>
        </message>
        <message>
            <source>Find a name, a keyword, a title</source>
            <translation>Name, Stichwort oder Titel suchen</translation>
        </message>
        <message>
            <source>Find pictures</source>
            <translation>Bilder suchen</translation>
        </message>
        <message>
            <source>Left out</source>
            <translation>Ausgelassen</translation>
        </message>
        <message>
            <source>Rated 1 or more</source>
            <translation>Bewertung 1 oder mehr</translation>
        </message>
        <message>
            <source>Rated 3 or more</source>
            <translation>Bewertung 3 oder mehr</translation>
        </message>
        <message>
            <source>Rated 5</source>
            <translation>Bewertung 5</translation>
        </message>
        <message>
            <source>Show all pictures again</source>
            <translation>Wieder alle Bilder zeigen</translation>
        </message>
        <message>
            <source>Show all pictures again (Esc)</source>
            <translation>Wieder alle Bilder zeigen (Esc)</translation>
        </message>
        <message>
            <source>Something is different</source>
            <translation>Etwas ist anders</translation>
        </message>
        <message>
            <source>Square</source>
            <translation>Quadratisch</translation>
        </message>
        <message>
            <source>Stamped before</source>
            <translation>Schon gestempelt</translation>
        </message>
        <message>
            <source>Tall</source>
            <translation>Hoch</translation>
        </message>
        <message>
            <source>Tells a place</source>
            <translation>Verrät einen Ort</translation>
        </message>
        <message>
            <source>Which pictures are shown</source>
            <translation>Welche Bilder gezeigt werden</translation>
        </message>
        <message>
            <source>Wide</source>
            <translation>Quer</translation>
        </message>
        <message>
            <source>With a problem</source>
            <translation>Mit einem Problem</translation>
        </message>
        <message>
            <source>all %1 shown</source>
            <translation>alle %1 gezeigt</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::FirstQuestions</name>
        <message>
            <source>1   What name stands on your pictures?</source>
            <translation>1   Welcher Name steht auf Ihren Bildern?</translation>
        </message>
        <message>
            <source>2   Have you an emblem?</source>
            <translation>2   Haben Sie ein Emblem?</translation>
        </message>
        <message>
            <source>3   Who gets your pictures?</source>
            <translation>3   Wer bekommt Ihre Bilder?</translation>
        </message>
        <message>
            <source>A logo for dark ground: SVG, PDF, PNG, TIFF, WebP or JPEG. Without one, your name is the mark.</source>
            <translation>Ein Logo für dunklen Grund: SVG, PDF, PNG, TIFF, WebP oder JPEG. Ohne eines ist Ihr Name das Zeichen.</translation>
        </message>
        <message>
            <source>Both</source>
            <translation>Beides</translation>
        </message>
        <message>
            <source>Each can wait: leave it and go on. What you answer works at once, and can be changed later and taken back.</source>
            <translation>Alles kann warten: Lassen Sie es und gehen Sie weiter. Was Sie antworten, wirkt sofort und kann später geändert und zurückgenommen werden.</translation>
        </message>
        <message>
            <source>Emblem</source>
            <translation>Emblem</translation>
        </message>
        <message>
            <source>Name or link</source>
            <translation>Name oder Link</translation>
        </message>
        <message>
            <source>Not now</source>
            <translation>Nicht jetzt</translation>
        </message>
        <message>
            <source>Open a folder of pictures…</source>
            <translation>Ordner mit Bildern öffnen…</translation>
        </message>
        <message>
            <source>Open pictures…</source>
            <translation>Bilder öffnen…</translation>
        </message>
        <message>
            <source>Puts the questions away; Menu &gt; Who you are, and + above, ask the same</source>
            <translation>Räumt die Fragen weg; Menü &gt; Wer Sie sind und + oben fragen dasselbe</translation>
        </message>
        <message>
            <source>The mark in a corner</source>
            <translation>Das Zeichen in einer Ecke</translation>
        </message>
        <message>
            <source>The mark in a corner is</source>
            <translation>Das Zeichen in einer Ecke ist</translation>
        </message>
        <message>
            <source>Three questions, then your pictures</source>
            <translation>Drei Fragen, dann Ihre Bilder</translation>
        </message>
        <message>
            <source>Tick what you need: each becomes a delivery, with its own size, mark and rights. All are made in one go.</source>
            <translation>Haken Sie an, was Sie brauchen: Jedes wird eine Lieferung mit eigener Größe, eigenem Zeichen und eigenen Rechten. Alle entstehen in einem Gang.</translation>
        </message>
        <message>
            <source>Your studio's, or your own. Seals, captions and rights use it; where there is a link, small marks show that.</source>
            <translation>Der Ihres Studios oder Ihr eigener. Siegel, Bildunterschriften und Rechte nehmen ihn; wo es einen Link gibt, zeigen kleine Zeichen diesen.</translation>
        </message>
        <message>
            <source>choosing a mark</source>
            <translation>Zeichen wählen</translation>
        </message>
        <message>
            <source>choosing who gets your pictures</source>
            <translation>wählen, wer Ihre Bilder bekommt</translation>
        </message>
        <message>
            <source>or drop them anywhere</source>
            <translation>oder irgendwohin ziehen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::FormatsSideBySide</name>
        <message>
            <source>%1 in every format</source>
            <translation>%1 in jedem Format</translation>
        </message>
        <message>
            <source>%1, in this delivery</source>
            <translation>%1, in dieser Lieferung</translation>
        </message>
        <message>
            <source>All as small as unseen</source>
            <translation>Alle so klein wie ungesehen</translation>
        </message>
        <message>
            <source>Each at the lowest quality at which its difference is not seen: then the bytes can be compared</source>
            <translation>Jedes mit der niedrigsten Qualität, bei der der Unterschied nicht zu sehen ist: So lassen sich die Bytes vergleichen</translation>
        </message>
        <message>
            <source>Save as %1</source>
            <translation>Als %1 speichern</translation>
        </message>
        <message>
            <source>The copy as %1</source>
            <translation>Die Kopie als %1</translation>
        </message>
        <message>
            <source>The middle of the copy, pixel for pixel, as each format saves it by this delivery's settings. Difference: 100 is none, above 80 it is not seen side by side (SSIMULACRA 2).</source>
            <translation>Die Mitte der Kopie, Pixel für Pixel, wie jedes Format sie nach den Einstellungen dieser Lieferung speichert. Unterschied: 100 ist keiner, über 80 sieht man ihn nebeneinander nicht (SSIMULACRA 2).</translation>
        </message>
        <message>
            <source>This delivery makes this format, and no other</source>
            <translation>Diese Lieferung macht dieses Format und kein anderes</translation>
        </message>
        <message>
            <source>being saved…</source>
            <translation>wird gespeichert…</translation>
        </message>
        <message>
            <source>difference %1</source>
            <translation>Unterschied %L1</translation>
        </message>
        <message>
            <source>held back: %1</source>
            <translation>zurückgehalten: %1</translation>
        </message>
        <message>
            <source>quality %1</source>
            <translation>Qualität %1</translation>
        </message>
        <message>
            <source>the same pixels</source>
            <translation>dieselben Pixel</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::HardCases</name>
        <message>
            <source>brightest</source>
            <translation>hellstes</translation>
        </message>
        <message>
            <source>busiest</source>
            <translation>unruhigstes</translation>
        </message>
        <message>
            <source>darkest</source>
            <translation>dunkelstes</translation>
        </message>
        <message>
            <source>plainest</source>
            <translation>ruhigstes</translation>
        </message>
        <message>
            <source>smallest</source>
            <translation>kleinstes</translation>
        </message>
        <message>
            <source>tallest</source>
            <translation>höchstes</translation>
        </message>
        <message>
            <source>widest</source>
            <translation>breitestes</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::HelpDesk</name>
        <message>
            <source>Every key</source>
            <translation>Alle Tasten</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Hilfe</translation>
        </message>
        <message>
            <source>Help for what has the focus</source>
            <translation>Hilfe zu dem, was den Fokus hat</translation>
        </message>
        <message>
            <source>Tell of a fault…</source>
            <translation>Fehler melden…</translation>
        </message>
        <message>
            <source>What changed</source>
            <translation>Was sich geändert hat</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::HelpDialog</name>
        <message>
            <source>Help</source>
            <translation>Hilfe</translation>
        </message>
        <message>
            <source>Nothing is found.</source>
            <translation>Nichts gefunden.</translation>
        </message>
        <message>
            <source>Page</source>
            <translation>Seite</translation>
        </message>
        <message>
            <source>Pages</source>
            <translation>Seiten</translation>
        </message>
        <message>
            <source>Words to look for</source>
            <translation>Zu suchende Worte</translation>
        </message>
        <message>
            <source>Words to look for in the help</source>
            <translation>In der Hilfe zu suchende Worte</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::JobDesk</name>
        <message>
            <source>%1 × %2</source>
            <translation>%1 × %2</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>(what was opened outside waits until this is closed)</source>
            <translation>(was von außen geöffnet wurde, wartet, bis dies geschlossen ist)</translation>
        </message>
        <message>
            <source>, copies were made of %1</source>
            <translation>, von %1 wurden Kopien gemacht</translation>
        </message>
        <message>
            <source>A run did not come to its end</source>
            <translation>Ein Lauf kam nicht zu seinem Ende</translation>
        </message>
        <message>
            <source>Ask next time</source>
            <translation>Das nächste Mal fragen</translation>
        </message>
        <message>
            <source>Bring back a job</source>
            <translation>Auftrag zurückholen</translation>
        </message>
        <message>
            <source>Cards and cameras</source>
            <translation>Karten und Kameras</translation>
        </message>
        <message>
            <source>Copies will go to "%1"; the station Place can change that. Look at them, then press Stamp.</source>
            <translation>Kopien kommen nach „%1“; die Station Ablage kann das ändern. Sehen Sie sie an, dann drücken Sie „Stempeln“.</translation>
        </message>
        <message>
            <source>Find missing pictures again…</source>
            <translation>Fehlende Bilder wiederfinden…</translation>
        </message>
        <message>
            <source>Folder</source>
            <translation>Ordner</translation>
        </message>
        <message>
            <source>Gathering was stopped: nothing more comes from that folder. Open it again for all of it.</source>
            <translation>Das Sammeln wurde angehalten: Aus diesem Ordner kommt nichts mehr. Öffnen Sie ihn nochmals für alles.</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>Weiter</translation>
        </message>
        <message>
            <source>Go on with the last job (%1)</source>
            <translation>Weiter mit dem letzten Auftrag (%1)</translation>
        </message>
        <message>
            <source>Going on keeps finished copies that are as they were delivered, and makes the others.</source>
            <translation>Weitermachen behält fertige Kopien, die sind, wie sie geliefert wurden, und macht die anderen.</translation>
        </message>
        <message>
            <source>Jobs (*.json)</source>
            <translation>Aufträge (*.json)</translation>
        </message>
        <message>
            <source>Leave it so</source>
            <translation>So lassen</translation>
        </message>
        <message>
            <source>Leave out of runs</source>
            <translation>Aus Läufen auslassen</translation>
        </message>
        <message>
            <source>Look for missing pictures in</source>
            <translation>Fehlende Bilder suchen in</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>New job</source>
            <translation>Neuer Auftrag</translation>
        </message>
        <message>
            <source>No pictures: %1</source>
            <translation>Keine Bilder: %1</translation>
        </message>
        <message>
            <source>Open a folder and all in it</source>
            <translation>Ordner mit allem darin öffnen</translation>
        </message>
        <message>
            <source>Open a job</source>
            <translation>Auftrag öffnen</translation>
        </message>
        <message>
            <source>Open a job…</source>
            <translation>Auftrag öffnen…</translation>
        </message>
        <message>
            <source>Open pictures</source>
            <translation>Bilder öffnen</translation>
        </message>
        <message>
            <source>Paste pictures</source>
            <translation>Bilder einfügen</translation>
        </message>
        <message>
            <source>Pictures (*.jpg *.jpeg *.png *.tif *.tiff *.webp *.heic *.heif *.avif *.jxl);;All files (*)</source>
            <translation>Bilder (*.jpg *.jpeg *.png *.tif *.tiff *.webp *.heic *.heif *.avif *.jxl);;Alle Dateien (*)</translation>
        </message>
        <message>
            <source>Rating, best first</source>
            <translation>Bewertung, beste zuerst</translation>
        </message>
        <message>
            <source>Save the job</source>
            <translation>Auftrag speichern</translation>
        </message>
        <message>
            <source>Save the job as…</source>
            <translation>Auftrag speichern als…</translation>
        </message>
        <message>
            <source>Shape, widest first</source>
            <translation>Form, breiteste zuerst</translation>
        </message>
        <message>
            <source>Show some of the pictures…</source>
            <translation>Einen Teil der Bilder zeigen…</translation>
        </message>
        <message>
            <source>Sort the pictures</source>
            <translation>Bilder sortieren</translation>
        </message>
        <message>
            <source>Take into runs again</source>
            <translation>Wieder in Läufe nehmen</translation>
        </message>
        <message>
            <source>The run begun %1 made %2 of %3 copies.</source>
            <translation>Der Lauf, begonnen %1, machte %2 von %3 Kopien.</translation>
        </message>
        <message>
            <source>There are no pictures in there that Keep Seal can read.</source>
            <translation>Darin sind keine Bilder, die Keep Seal lesen kann.</translation>
        </message>
        <message>
            <source>There are no pictures on the clipboard: copy files in the file manager first.</source>
            <translation>In der Zwischenablage sind keine Bilder: Kopieren Sie erst Dateien in der Dateiverwaltung.</translation>
        </message>
        <message>
            <source>Time taken</source>
            <translation>Aufnahmezeit</translation>
        </message>
        <message>
            <source>and %1 more that are worth a look</source>
            <translation>und %1 weitere, die anzusehen sind</translation>
        </message>
        <message>
            <source>choosing a folder for the copies</source>
            <translation>Ordner für die Kopien wählen</translation>
        </message>
        <message>
            <source>leaving out</source>
            <translation>auslassen</translation>
        </message>
        <message>
            <source>sorting by %1</source>
            <translation>nach %1 sortieren</translation>
        </message>
        <message>
            <source>taking in again</source>
            <translation>wieder hereinnehmen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::JobDocument</name>
        <message>
            <source>New delivery</source>
            <translation>Neue Lieferung</translation>
        </message>
        <message>
            <source>adding a delivery</source>
            <translation>Lieferung hinzufügen</translation>
        </message>
        <message>
            <source>adding pictures</source>
            <translation>Bilder hinzufügen</translation>
        </message>
        <message>
            <source>beginning a new job</source>
            <translation>neuen Auftrag beginnen</translation>
        </message>
        <message>
            <source>changing “%1”</source>
            <translation>„%1“ ändern</translation>
        </message>
        <message>
            <source>delivering all the same</source>
            <translation>trotzdem liefern</translation>
        </message>
        <message>
            <source>duplicating a delivery</source>
            <translation>Lieferung verdoppeln</translation>
        </message>
        <message>
            <source>finding pictures again</source>
            <translation>Bilder wiederfinden</translation>
        </message>
        <message>
            <source>moving a delivery</source>
            <translation>Lieferung verschieben</translation>
        </message>
        <message>
            <source>naming the job</source>
            <translation>Auftrag benennen</translation>
        </message>
        <message>
            <source>putting back a delivery</source>
            <translation>Lieferung zurückstellen</translation>
        </message>
        <message>
            <source>removing a delivery</source>
            <translation>Lieferung entfernen</translation>
        </message>
        <message>
            <source>renaming a delivery</source>
            <translation>Lieferung umbenennen</translation>
        </message>
        <message>
            <source>saying who you are</source>
            <translation>sagen, wer Sie sind</translation>
        </message>
        <message>
            <source>taking pictures out</source>
            <translation>Bilder herausnehmen</translation>
        </message>
        <message>
            <source>ticking a delivery</source>
            <translation>Lieferung anhaken</translation>
        </message>
        <message>
            <source>unticking a delivery</source>
            <translation>Haken einer Lieferung wegnehmen</translation>
        </message>
        <message>
            <source>writing notes</source>
            <translation>Notizen schreiben</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::JobSession</name>
        <message>
            <source>%1 of %2 missing pictures were found again.</source>
            <translation>%1 von %2 fehlenden Bildern wurden wiedergefunden.</translation>
        </message>
        <message>
            <source>In the file %1 tells where the pictures were taken. It was opened with that closed; only you can open it, at its station Privacy.</source>
            <translation>In der Datei verrät %1, wo die Bilder aufgenommen wurden. Es wurde damit geschlossen geöffnet; nur Sie können es öffnen, an der Station Privates.</translation>
        </message>
        <message>
            <source>The job is saved in %1.</source>
            <translation>Der Auftrag ist in %1 gespeichert.</translation>
        </message>
        <message>
            <source>The job that was here could not be kept: %1</source>
            <translation>Der Auftrag, der hier war, konnte nicht behalten werden: %1</translation>
        </message>
        <message>
            <source>This job is not being kept, and would be lost with this window: %1</source>
            <translation>Dieser Auftrag wird nicht behalten und wäre mit diesem Fenster verloren: %1</translation>
        </message>
        <message>
            <source>“%1”</source>
            <translation>„%1“</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::LeavesView</name>
        <message>
            <source>%1 of %2 originals tell a place, and the copies of “%3” will tell it too.</source>
            <translation>%1 von %2 Originalen verraten einen Ort, und die Kopien von „%3“ werden ihn auch verraten.</translation>
        </message>
        <message>
            <source>%1 of %2 originals tell a place. No copy of “%3” will.</source>
            <translation>%1 von %2 Originalen verraten einen Ort. Keine Kopie von „%3“ wird es.</translation>
        </message>
        <message>
            <source>%1 of %2 pictures read so far.</source>
            <translation>%1 von %2 Bildern bisher gelesen.</translation>
        </message>
        <message>
            <source>Back to the job</source>
            <translation>Zurück zum Auftrag</translation>
        </message>
        <message>
            <source>Choose a file.</source>
            <translation>Wählen Sie eine Datei.</translation>
        </message>
        <message>
            <source>Drop files here to see what they tell.</source>
            <translation>Ziehen Sie Dateien hierher, um zu sehen, was sie verraten.</translation>
        </message>
        <message>
            <source>Files and what they tell</source>
            <translation>Dateien und was sie verraten</translation>
        </message>
        <message>
            <source>Look into a folder…</source>
            <translation>In einen Ordner sehen…</translation>
        </message>
        <message>
            <source>Look into files…</source>
            <translation>In Dateien sehen…</translation>
        </message>
        <message>
            <source>Looking into the files…</source>
            <translation>In die Dateien wird gesehen…</translation>
        </message>
        <message>
            <source>None of the %1 originals tells a place.</source>
            <translation>Keines der %1 Originale verrät einen Ort.</translation>
        </message>
        <message>
            <source>Only those that tell a place</source>
            <translation>Nur mit Ort</translation>
        </message>
        <message>
            <source>Reading…</source>
            <translation>Lese…</translation>
        </message>
        <message>
            <source>Save a report…</source>
            <translation>Bericht speichern…</translation>
        </message>
        <message>
            <source>What any file tells, from anywhere; files can be dropped here as well</source>
            <translation>Was irgendeine Datei verrät, von überall her; Dateien können auch hierher gezogen werden</translation>
        </message>
        <message>
            <source>What the chosen file tells</source>
            <translation>Was die gewählte Datei verrät</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::LeftList</name>
        <message>
            <source>%1  %2: %3</source>
            <translation>%1  %2: %3</translation>
        </message>
        <message>
            <source>%1  %2: held back</source>
            <translation>%1  %2: zurückgehalten</translation>
        </message>
        <message>
            <source>Every copy that ever left of it, and what has become of it (Ctrl+H)</source>
            <translation>Jede Kopie, die je davon hinausging, und was aus ihr wurde (Strg+H)</translation>
        </message>
        <message>
            <source>Its whole history</source>
            <translation>Seine ganze Geschichte</translation>
        </message>
        <message>
            <source>Nothing of this picture has left.</source>
            <translation>Von diesem Bild ist nichts hinausgegangen.</translation>
        </message>
        <message>
            <source>What left of this picture</source>
            <translation>Was von diesem Bild hinausging</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::LetterDialog</name>
        <message>
            <source>%1 letters, before they go</source>
            <translation>%1 Briefe, bevor sie gehen</translation>
        </message>
        <message>
            <source>%1, through %2</source>
            <translation>%1, über %2</translation>
        </message>
        <message>
            <source>A copy is larger than a letter may be: send smaller copies or a contact sheet, or allow larger letters at the station Sending.</source>
            <translation>Eine Kopie ist größer, als ein Brief sein darf: Senden Sie kleinere Kopien oder einen Kontaktbogen, oder erlauben Sie größere Briefe an der Station Versand.</translation>
        </message>
        <message>
            <source>A letter, before it goes</source>
            <translation>Ein Brief, bevor er geht</translation>
        </message>
        <message>
            <source>From</source>
            <translation>Von</translation>
        </message>
        <message>
            <source>It has no subject.</source>
            <translation>Er hat keinen Betreff.</translation>
        </message>
        <message>
            <source>Letter</source>
            <translation>Brief</translation>
        </message>
        <message>
            <source>Letter %1 of %2</source>
            <translation>Brief %1 von %2</translation>
        </message>
        <message>
            <source>Not now</source>
            <translation>Nicht jetzt</translation>
        </message>
        <message>
            <source>Nothing is written in it</source>
            <translation>Nichts steht darin</translation>
        </message>
        <message>
            <source>Send these letters</source>
            <translation>Diese Briefe senden</translation>
        </message>
        <message>
            <source>Send this letter</source>
            <translation>Diesen Brief senden</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>Größe</translation>
        </message>
        <message>
            <source>Subject</source>
            <translation>Betreff</translation>
        </message>
        <message>
            <source>These are no addresses: anna@example.org, or several parted by commas.</source>
            <translation>Das sind keine Adressen: anna@example.org oder mehrere, durch Kommas getrennt.</translation>
        </message>
        <message>
            <source>To</source>
            <translation>An</translation>
        </message>
        <message>
            <source>What hangs on it</source>
            <translation>Was daran hängt</translation>
        </message>
        <message>
            <source>about %1</source>
            <translation>etwa %1</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::Loupe</name>
        <message>
            <source>%1 beside %2: %3</source>
            <translation>%1 neben %2: %3</translation>
        </message>
        <message>
            <source>%1, at %2 % from the left, %3 % from the top</source>
            <translation>%1, bei %2 % von links, %3 % von oben</translation>
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
            <translation>Ziehen bewegt beide; das Rad wechselt zwischen Einpassen, 100 % und 200 %</translation>
        </message>
        <message>
            <source>Original and copy under one loupe</source>
            <translation>Original und Kopie unter einer Lupe</translation>
        </message>
        <message>
            <source>Original, in the copy's size</source>
            <translation>Original, in der Größe der Kopie</translation>
        </message>
        <message>
            <source>Reading…</source>
            <translation>Lese…</translation>
        </message>
        <message>
            <source>The finished file</source>
            <translation>Die fertige Datei</translation>
        </message>
        <message>
            <source>the whole picture</source>
            <translation>das ganze Bild</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::MainWindow</name>
        <message>
            <source>As the desktop</source>
            <translation>Wie der Desktop</translation>
        </message>
        <message>
            <source>Choose a picture first.</source>
            <translation>Wählen Sie erst ein Bild.</translation>
        </message>
        <message>
            <source>Choose a seal…</source>
            <translation>Siegel wählen…</translation>
        </message>
        <message>
            <source>Choose all pictures</source>
            <translation>Alle Bilder wählen</translation>
        </message>
        <message>
            <source>Compare borders…</source>
            <translation>Rahmen vergleichen…</translation>
        </message>
        <message>
            <source>Delivery</source>
            <translation>Lieferung</translation>
        </message>
        <message>
            <source>Design the seal…</source>
            <translation>Siegel gestalten…</translation>
        </message>
        <message>
            <source>Different on the chosen pictures</source>
            <translation>Anders auf den gewählten Bildern</translation>
        </message>
        <message>
            <source>Folder for the copies</source>
            <translation>Ordner für die Kopien</translation>
        </message>
        <message>
            <source>High contrast</source>
            <translation>Hoher Kontrast</translation>
        </message>
        <message>
            <source>Job and pictures</source>
            <translation>Auftrag und Bilder</translation>
        </message>
        <message>
            <source>Keep the seal in the library</source>
            <translation>Siegel in der Bibliothek behalten</translation>
        </message>
        <message>
            <source>Language</source>
            <translation>Sprache</translation>
        </message>
        <message>
            <source>Light or dark window</source>
            <translation>Helles oder dunkles Fenster</translation>
        </message>
        <message>
            <source>Look of the window</source>
            <translation>Aussehen des Fensters</translation>
        </message>
        <message>
            <source>Next grey around the pictures</source>
            <translation>Nächstes Grau um die Bilder</translation>
        </message>
        <message>
            <source>Open a folder and all in it…</source>
            <translation>Ordner mit allem darin öffnen…</translation>
        </message>
        <message>
            <source>Open pictures…</source>
            <translation>Bilder öffnen…</translation>
        </message>
        <message>
            <source>Quit</source>
            <translation>Beenden</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>Wiederholen</translation>
        </message>
        <message>
            <source>Register</source>
            <translation>Register</translation>
        </message>
        <message>
            <source>Show where there is something sharp</source>
            <translation>Zeigen, wo etwas scharf ist</translation>
        </message>
        <message>
            <source>Stamp</source>
            <translation>Stempeln</translation>
        </message>
        <message>
            <source>Stamp just these again</source>
            <translation>Nur diese nochmals stempeln</translation>
        </message>
        <message>
            <source>Stamp the chosen pictures by the chosen delivery</source>
            <translation>Gewählte Bilder nach der gewählten Lieferung stempeln</translation>
        </message>
        <message>
            <source>Take the chosen pictures out</source>
            <translation>Gewählte Bilder herausnehmen</translation>
        </message>
        <message>
            <source>The setting that you are at is explained here; F1 tells more.</source>
            <translation>Die Einstellung, an der Sie sind, wird hier erklärt; F1 sagt mehr.</translation>
        </message>
        <message>
            <source>The window speaks that language from its next start on.</source>
            <translation>Das Fenster spricht diese Sprache ab dem nächsten Start.</translation>
        </message>
        <message>
            <source>This is Keep Seal %1. What is new stands under Menu &gt; Help &gt; What changed.</source>
            <translation>Das ist Keep Seal %1. Was neu ist, steht unter Menü &gt; Hilfe &gt; Was sich geändert hat.</translation>
        </message>
        <message>
            <source>Try the seal…</source>
            <translation>Siegel erproben…</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>Rückgängig</translation>
        </message>
        <message>
            <source>What do these files tell?</source>
            <translation>Was verraten diese Dateien?</translation>
        </message>
        <message>
            <source>Who you are…</source>
            <translation>Wer Sie sind…</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::OneLookBox</name>
        <message>
            <source>%1 and others</source>
            <translation>%1 und andere</translation>
        </message>
        <message>
            <source>%1 with a halo of %2 %</source>
            <translation>%1 mit einem Hof von %2 %</translation>
        </message>
        <message>
            <source>%1 without a halo</source>
            <translation>%1 ohne Hof</translation>
        </message>
        <message>
            <source>How many pictures were measured</source>
            <translation>Wie viele Bilder gemessen wurden</translation>
        </message>
        <message>
            <source>Looks for one version and one halo with which the seal can be read on every picture of the job, so that the set looks alike</source>
            <translation>Sucht eine Fassung und einen Hof, mit denen das Siegel auf jedem Bild des Auftrags zu lesen ist, damit die Reihe gleich aussieht</translation>
        </message>
        <message>
            <source>No one look serves all %1 pictures; nothing was changed. Nearest comes %2, which leaves %3: %4.</source>
            <translation>Kein Aussehen passt für alle %1 Bilder; nichts wurde geändert. Am nächsten kommt %2, das %3 übrig lässt: %4.</translation>
        </message>
        <message>
            <source>No picture of the job carries this seal.</source>
            <translation>Kein Bild des Auftrags trägt dieses Siegel.</translation>
        </message>
        <message>
            <source>On all %1 pictures: %2.</source>
            <translation>Auf allen %1 Bildern: %2.</translation>
        </message>
        <message>
            <source>One look for the whole job</source>
            <translation>Ein Aussehen für den ganzen Auftrag</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Stopp</translation>
        </message>
        <message>
            <source>Stopped; nothing was changed.</source>
            <translation>Angehalten; nichts wurde geändert.</translation>
        </message>
        <message>
            <source>The seal was changed meanwhile; look again.</source>
            <translation>Das Siegel wurde inzwischen geändert; suchen Sie nochmals.</translation>
        </message>
        <message>
            <source>There are no pictures yet that it could be measured on.</source>
            <translation>Es gibt noch keine Bilder, an denen gemessen werden könnte.</translation>
        </message>
        <message>
            <source>one look for the whole job</source>
            <translation>ein Aussehen für den ganzen Auftrag</translation>
        </message>
        <message>
            <source>the dark version</source>
            <translation>die dunkle Fassung</translation>
        </message>
        <message>
            <source>the light version</source>
            <translation>die helle Fassung</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::OutboxDialog</name>
        <message>
            <source>%1 waiting, %2 held, %3 sent</source>
            <translation>%1 warten, %2 festgehalten, %3 gesendet</translation>
        </message>
        <message>
            <source>A letter goes only after you looked at it</source>
            <translation>Ein Brief geht erst, nachdem Sie ihn angesehen haben</translation>
        </message>
        <message>
            <source>Clear what was sent</source>
            <translation>Gesendetes wegräumen</translation>
        </message>
        <message>
            <source>Copies to be sent</source>
            <translation>Zu sendende Kopien</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>Kopie</translation>
        </message>
        <message>
            <source>Goes to</source>
            <translation>Geht an</translation>
        </message>
        <message>
            <source>Look at the letters…</source>
            <translation>Briefe ansehen…</translation>
        </message>
        <message>
            <source>Nothing is to be sent. A delivery's station Sending says where its copies go.</source>
            <translation>Nichts ist zu senden. Die Station Versand einer Lieferung sagt, wohin ihre Kopien gehen.</translation>
        </message>
        <message>
            <source>Outbox</source>
            <translation>Ausgang</translation>
        </message>
        <message>
            <source>Send now</source>
            <translation>Jetzt senden</translation>
        </message>
        <message>
            <source>State</source>
            <translation>Stand</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Herausnehmen</translation>
        </message>
        <message>
            <source>The chosen ones will not be sent; what was sent stays where it is</source>
            <translation>Die gewählten werden nicht gesendet; was gesendet wurde, bleibt, wo es ist</translation>
        </message>
        <message>
            <source>The chosen ones, or all that wait or are held</source>
            <translation>Die gewählten, oder alle, die warten oder festgehalten sind</translation>
        </message>
        <message>
            <source>The list forgets it: a copy that is stamped again may be sent again then</source>
            <translation>Die Liste vergisst es: Eine Kopie, die nochmals gestempelt wird, kann dann nochmals gesendet werden</translation>
        </message>
        <message>
            <source>What happened</source>
            <translation>Was geschah</translation>
        </message>
        <message>
            <source>When</source>
            <translation>Wann</translation>
        </message>
        <message>
            <source>held</source>
            <translation>festgehalten</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>ausgelassen</translation>
        </message>
        <message>
            <source>letter to %1</source>
            <translation>Brief an %1</translation>
        </message>
        <message>
            <source>sent</source>
            <translation>gesendet</translation>
        </message>
        <message>
            <source>to be looked at</source>
            <translation>anzusehen</translation>
        </message>
        <message>
            <source>waits</source>
            <translation>wartet</translation>
        </message>
        <message>
            <source>will be tried again</source>
            <translation>wird nochmals versucht</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::PartsList</name>
        <message>
            <source>Click to lock</source>
            <translation>Klicken zum Sperren</translation>
        </message>
        <message>
            <source>Group</source>
            <translation>Gruppe</translation>
        </message>
        <message>
            <source>Hidden: click to show</source>
            <translation>Verborgen: klicken zum Zeigen</translation>
        </message>
        <message>
            <source>Locked: click to unlock</source>
            <translation>Gesperrt: klicken zum Entsperren</translation>
        </message>
        <message>
            <source>Logo</source>
            <translation>Logo</translation>
        </message>
        <message>
            <source>Parts of the seal</source>
            <translation>Teile des Siegels</translation>
        </message>
        <message>
            <source>Shape</source>
            <translation>Form</translation>
        </message>
        <message>
            <source>Shown: click to hide</source>
            <translation>Sichtbar: klicken zum Verbergen</translation>
        </message>
        <message>
            <source>Text</source>
            <translation>Text</translation>
        </message>
        <message>
            <source>locking a part</source>
            <translation>Teil sperren</translation>
        </message>
        <message>
            <source>no file yet</source>
            <translation>noch keine Datei</translation>
        </message>
        <message>
            <source>removing parts</source>
            <translation>Teile entfernen</translation>
        </message>
        <message>
            <source>renaming a part</source>
            <translation>Teil umbenennen</translation>
        </message>
        <message>
            <source>reordering parts</source>
            <translation>Teile umordnen</translation>
        </message>
        <message>
            <source>showing or hiding a part</source>
            <translation>Teil zeigen oder verbergen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::PictureMenu</name>
        <message>
            <source>As on all others</source>
            <translation>Wie auf allen anderen</translation>
        </message>
        <message>
            <source>Crop as on all others</source>
            <translation>Zuschnitt wie auf allen anderen</translation>
        </message>
        <message>
            <source>Dark version</source>
            <translation>Dunkle Fassung</translation>
        </message>
        <message>
            <source>Light version</source>
            <translation>Helle Fassung</translation>
        </message>
        <message>
            <source>No seal</source>
            <translation>Kein Siegel</translation>
        </message>
        <message>
            <source>Nudge down</source>
            <translation>Nach unten rücken</translation>
        </message>
        <message>
            <source>Nudge left</source>
            <translation>Nach links rücken</translation>
        </message>
        <message>
            <source>Nudge right</source>
            <translation>Nach rechts rücken</translation>
        </message>
        <message>
            <source>Nudge up</source>
            <translation>Nach oben rücken</translation>
        </message>
        <message>
            <source>Seal at another place</source>
            <translation>Siegel an anderem Platz</translation>
        </message>
        <message>
            <source>Stamp although it is a copy of ours</source>
            <translation>Stempeln, obwohl es eine Kopie von uns ist</translation>
        </message>
        <message>
            <source>Stronger</source>
            <translation>Kräftiger</translation>
        </message>
        <message>
            <source>Turn left</source>
            <translation>Nach links drehen</translation>
        </message>
        <message>
            <source>Turn right</source>
            <translation>Nach rechts drehen</translation>
        </message>
        <message>
            <source>Weaker</source>
            <translation>Schwächer</translation>
        </message>
        <message>
            <source>dark version on chosen pictures</source>
            <translation>dunkle Fassung auf gewählten Bildern</translation>
        </message>
        <message>
            <source>light version on chosen pictures</source>
            <translation>helle Fassung auf gewählten Bildern</translation>
        </message>
        <message>
            <source>moving the seal on chosen pictures</source>
            <translation>Siegel auf gewählten Bildern verschieben</translation>
        </message>
        <message>
            <source>no seal on chosen pictures</source>
            <translation>kein Siegel auf gewählten Bildern</translation>
        </message>
        <message>
            <source>nothing different on chosen pictures</source>
            <translation>nichts anders auf gewählten Bildern</translation>
        </message>
        <message>
            <source>nudging the seal</source>
            <translation>Siegel rücken</translation>
        </message>
        <message>
            <source>stamping copies again</source>
            <translation>Kopien nochmals stempeln</translation>
        </message>
        <message>
            <source>strength on chosen pictures</source>
            <translation>Stärke auf gewählten Bildern</translation>
        </message>
        <message>
            <source>taking back crops</source>
            <translation>Zuschnitte zurücknehmen</translation>
        </message>
        <message>
            <source>turning the chosen pictures</source>
            <translation>gewählte Bilder drehen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::PlaceControl</name>
        <message>
            <source>Click a place, or move it with the arrow keys</source>
            <translation>Klicken Sie einen Platz an oder gehen Sie mit den Pfeiltasten</translation>
        </message>
        <message>
            <source>Place of the seal; arrow keys move it</source>
            <translation>Platz des Siegels; Pfeiltasten bewegen es</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::Posting</name>
        <message>
            <source>%1 could not be sent and will be tried again</source>
            <translation>%1 konnten nicht gesendet werden und werden nochmals versucht</translation>
        </message>
        <message>
            <source>%1 left out: the name is taken there</source>
            <translation>%1 ausgelassen: der Name ist dort vergeben</translation>
        </message>
        <message>
            <source>in a letter to %1 that waits to be looked at, in the outbox</source>
            <translation>in einem Brief an %1, der im Ausgang darauf wartet, angesehen zu werden</translation>
        </message>
        <message>
            <source>in a letter to %1, %2</source>
            <translation>in einem Brief an %1, %2</translation>
        </message>
        <message>
            <source>not to %1: %2</source>
            <translation>nicht an %1: %2</translation>
        </message>
        <message>
            <source>to %1/%2, %3</source>
            <translation>an %1/%2, %3</translation>
        </message>
        <message>
            <source>waits, to %1</source>
            <translation>wartet, an %1</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::PrivacyEditor</name>
        <message>
            <source>%1 of %2 originals tell a place, and so will their copies.</source>
            <translation>%1 von %2 Originalen verraten einen Ort, und ihre Kopien werden es auch.</translation>
        </message>
        <message>
            <source>%1 of %2 originals tell a place.</source>
            <translation>%1 von %2 Originalen verraten einen Ort.</translation>
        </message>
        <message>
            <source>%1 without the place</source>
            <translation>%1 ohne den Ort</translation>
        </message>
        <message>
            <source>%1, from this copy</source>
            <translation>%1, aus dieser Kopie</translation>
        </message>
        <message>
            <source>All that leaves with this picture</source>
            <translation>Alles, was mit diesem Bild hinausgeht</translation>
        </message>
        <message>
            <source>Coordinates stand in %1.</source>
            <translation>Koordinaten stehen in „%1“.</translation>
        </message>
        <message>
            <source>Drop it here</source>
            <translation>Hier fallen lassen</translation>
        </message>
        <message>
            <source>Go to the caption</source>
            <translation>Zur Bildunterschrift gehen</translation>
        </message>
        <message>
            <source>Go to the seal</source>
            <translation>Zum Siegel gehen</translation>
        </message>
        <message>
            <source>In all copies</source>
            <translation>In allen Kopien</translation>
        </message>
        <message>
            <source>In plain sight</source>
            <translation>Für alle sichtbar</translation>
        </message>
        <message>
            <source>Keep the place out again</source>
            <translation>Den Ort wieder draußen lassen</translation>
        </message>
        <message>
            <source>Keywords that name a removed place are dropped from every copy</source>
            <translation>Stichworte, die einen entfernten Ort nennen, fallen aus jeder Kopie</translation>
        </message>
        <message>
            <source>Leave it out here</source>
            <translation>Hier auslassen</translation>
        </message>
        <message>
            <source>Let the place out…</source>
            <translation>Den Ort hinauslassen…</translation>
        </message>
        <message>
            <source>No picture has been read yet.</source>
            <translation>Noch wurde kein Bild gelesen.</translation>
        </message>
        <message>
            <source>None of the %1 originals tells a place.</source>
            <translation>Keines der %1 Originale verrät einen Ort.</translation>
        </message>
        <message>
            <source>Texts that name a removed place are left out of every copy</source>
            <translation>Texte, die einen entfernten Ort nennen, fehlen in jeder Kopie</translation>
        </message>
        <message>
            <source>That keyword, from this copy</source>
            <translation>Dieses Stichwort, aus dieser Kopie</translation>
        </message>
        <message>
            <source>The place is taken out of every copy</source>
            <translation>Der Ort wird aus jeder Kopie genommen</translation>
        </message>
        <message>
            <source>The removed place “%1” stands in %2.</source>
            <translation>Der entfernte Ort „%1“ steht in „%2“.</translation>
        </message>
        <message>
            <source>These copies tell where the pictures were taken</source>
            <translation>Diese Kopien verraten, wo die Bilder aufgenommen wurden</translation>
        </message>
        <message>
            <source>keeping the place out</source>
            <translation>den Ort draußen lassen</translation>
        </message>
        <message>
            <source>leaving out words that name the place</source>
            <translation>Worte auslassen, die den Ort nennen</translation>
        </message>
        <message>
            <source>letting the place out</source>
            <translation>den Ort hinauslassen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::ProofWall</name>
        <message>
            <source>
%1 × %2, %3</source>
            <translation>
%1 × %2, %3</translation>
        </message>
        <message>
            <source>
Contrast of the seal: %1 : 1</source>
            <translation>
Kontrast des Siegels: %L1 : 1</translation>
        </message>
        <message>
            <source>
Copy: %1 × %2</source>
            <translation>
Kopie: %1 × %2</translation>
        </message>
        <message>
            <source>
Different here: %1</source>
            <translation>
Hier anders: %1</translation>
        </message>
        <message>
            <source>
It is taken out of the copies.</source>
            <translation>
Er wird aus den Kopien genommen.</translation>
        </message>
        <message>
            <source>
No copy: %1</source>
            <translation>
Keine Kopie: %1</translation>
        </message>
        <message>
            <source>
The original tells a place: %1</source>
            <translation>
Das Original verrät einen Ort: %1</translation>
        </message>
        <message>
            <source>
The original tells no place.</source>
            <translation>
Das Original verrät keinen Ort.</translation>
        </message>
        <message>
            <source>
This copy will tell it too.</source>
            <translation>
Diese Kopie wird ihn auch verraten.</translation>
        </message>
        <message>
            <source>
This is a copy that Keep Seal made: it is left out, so that nothing is framed or sealed twice.</source>
            <translation>
Das ist eine Kopie, die Keep Seal machte: Sie wird ausgelassen, damit nichts zweimal gerahmt oder gesiegelt wird.</translation>
        </message>
        <message>
            <source>
This is a copy that Keep Seal made; you chose to stamp it again.</source>
            <translation>
Das ist eine Kopie, die Keep Seal machte; Sie wollten, dass sie nochmals gestempelt wird.</translation>
        </message>
        <message>
            <source>
Will be held back: </source>
            <translation>
Wird zurückgehalten: </translation>
        </message>
        <message>
            <source>, being read</source>
            <translation>, wird gelesen</translation>
        </message>
        <message>
            <source>Cannot be stamped:
%1</source>
            <translation>Nicht zu stempeln:
%1</translation>
        </message>
        <message>
            <source>Proof wall</source>
            <translation>Wand der Proben</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>ausgelassen</translation>
        </message>
        <message>
            <source>left out by hand</source>
            <translation>von Hand ausgelassen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::QualityCurve</name>
        <message>
            <source>%1 as %2</source>
            <translation>%1 als %2</translation>
        </message>
        <message>
            <source>%1, difference %2</source>
            <translation>%1, Unterschied %2</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>, difference %1</source>
            <translation>, Unterschied %1</translation>
        </message>
        <message>
            <source>Quality %1: %2</source>
            <translation>Qualität %1: %2</translation>
        </message>
        <message>
            <source>line: bytes · dotted: difference</source>
            <translation>Linie: Bytes · gepunktet: Unterschied</translation>
        </message>
        <message>
            <source>measuring the file…</source>
            <translation>die Datei wird gemessen…</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RegisterDesk</name>
        <message>
            <source>%1 is not there any more.</source>
            <translation>%1 ist nicht mehr da.</translation>
        </message>
        <message>
            <source>A page to print or send (*.pdf);;A page to read (*.html)</source>
            <translation>Eine Seite zum Drucken oder Senden (*.pdf);;Eine Seite zum Lesen (*.html)</translation>
        </message>
        <message>
            <source>Choose copies first.</source>
            <translation>Wählen Sie erst Kopien.</translation>
        </message>
        <message>
            <source>Forget copies</source>
            <translation>Kopien vergessen</translation>
        </message>
        <message>
            <source>Forget them</source>
            <translation>Vergessen</translation>
        </message>
        <message>
            <source>Hold this folder against the register</source>
            <translation>Diesen Ordner mit dem Register vergleichen</translation>
        </message>
        <message>
            <source>JSON lines (*.jsonl)</source>
            <translation>JSON-Zeilen (*.jsonl)</translation>
        </message>
        <message>
            <source>JSON lines (*.jsonl);;All files (*)</source>
            <translation>JSON-Zeilen (*.jsonl);;Alle Dateien (*)</translation>
        </message>
        <message>
            <source>Join a register that was saved</source>
            <translation>Gespeichertes Register hinzufügen</translation>
        </message>
        <message>
            <source>Keep them</source>
            <translation>Behalten</translation>
        </message>
        <message>
            <source>Look for copies…</source>
            <translation>Kopien suchen…</translation>
        </message>
        <message>
            <source>Save a report</source>
            <translation>Bericht speichern</translation>
        </message>
        <message>
            <source>Save all of the register</source>
            <translation>Das ganze Register speichern</translation>
        </message>
        <message>
            <source>Save what is found</source>
            <translation>Gefundenes speichern</translation>
        </message>
        <message>
            <source>Saved: %1</source>
            <translation>Gespeichert: %1</translation>
        </message>
        <message>
            <source>Tables (*.csv)</source>
            <translation>Tabellen (*.csv)</translation>
        </message>
        <message>
            <source>What is this picture?</source>
            <translation>Was ist dieses Bild?</translation>
        </message>
        <message>
            <source>What left of this picture</source>
            <translation>Was von diesem Bild hinausging</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RegisterModel</name>
        <message>
            <source>%1 × %2</source>
            <translation>%1 × %2</translation>
        </message>
        <message>
            <source>%1, for “%2”, made %3</source>
            <translation>%1, für „%2“, gemacht %3</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>Kopie</translation>
        </message>
        <message>
            <source>Delivery</source>
            <translation>Lieferung</translation>
        </message>
        <message>
            <source>Made</source>
            <translation>Gemacht</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>Original</translation>
        </message>
        <message>
            <source>Pixels</source>
            <translation>Pixel</translation>
        </message>
        <message>
            <source>Seal</source>
            <translation>Siegel</translation>
        </message>
        <message>
            <source>none</source>
            <translation>nichts</translation>
        </message>
        <message>
            <source>yes</source>
            <translation>ja</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RegisterView</name>
        <message>
            <source> to </source>
            <translation> bis </translation>
        </message>
        <message>
            <source>1201 to 3000 pixels</source>
            <translation>1201 bis 3000 Pixel</translation>
        </message>
        <message>
            <source>A picture that you met somewhere: is it yours, and which copy? Drop it here, or paste it (Ctrl+V)</source>
            <translation>Ein Bild, das Sie irgendwo antrafen: Ist es Ihres, und welche Kopie? Ziehen Sie es hierher oder fügen Sie es ein (Strg+V)</translation>
        </message>
        <message>
            <source>All copies</source>
            <translation>Alle Kopien</translation>
        </message>
        <message>
            <source>Any delivery</source>
            <translation>Jede Lieferung</translation>
        </message>
        <message>
            <source>As a table</source>
            <translation>Als Tabelle</translation>
        </message>
        <message>
            <source>As small pictures</source>
            <translation>Als kleine Bilder</translation>
        </message>
        <message>
            <source>Copies found, as a table</source>
            <translation>Gefundene Kopien als Tabelle</translation>
        </message>
        <message>
            <source>Copies found, as pictures</source>
            <translation>Gefundene Kopien als Bilder</translation>
        </message>
        <message>
            <source>For which delivery</source>
            <translation>Für welche Lieferung</translation>
        </message>
        <message>
            <source>Forget the chosen copies…</source>
            <translation>Gewählte Kopien vergessen…</translation>
        </message>
        <message>
            <source>Join a register that was saved…</source>
            <translation>Gespeichertes Register hinzufügen…</translation>
        </message>
        <message>
            <source>Made, as in 2026-05 to 2026-06</source>
            <translation>Gemacht, wie in 2026-05 bis 2026-06</translation>
        </message>
        <message>
            <source>Make again</source>
            <translation>Nochmals machen</translation>
        </message>
        <message>
            <source>Make it again from the ledgers</source>
            <translation>Aus den Protokollen neu machen</translation>
        </message>
        <message>
            <source>More</source>
            <translation>Mehr</translation>
        </message>
        <message>
            <source>More than 3000 pixels</source>
            <translation>Mehr als 3000 Pixel</translation>
        </message>
        <message>
            <source>Names, folders, words in the copies</source>
            <translation>Namen, Ordner, Worte in den Kopien</translation>
        </message>
        <message>
            <source>No copy is like that.</source>
            <translation>So ist keine Kopie.</translation>
        </message>
        <message>
            <source>No copy of %1 has left.</source>
            <translation>Keine Kopie von %1 ist hinausgegangen.</translation>
        </message>
        <message>
            <source>No copy was made yet.
Each run is written into the register by itself.</source>
            <translation>Noch wurde keine Kopie gemacht.
Jeder Lauf kommt von selbst ins Register.</translation>
        </message>
        <message>
            <source>Open folder</source>
            <translation>Ordner öffnen</translation>
        </message>
        <message>
            <source>Pictures</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <source>Save all of the register…</source>
            <translation>Das ganze Register speichern…</translation>
        </message>
        <message>
            <source>Save what is found as a table (CSV)…</source>
            <translation>Gefundenes als Tabelle speichern (CSV)…</translation>
        </message>
        <message>
            <source>Show the original</source>
            <translation>Original zeigen</translation>
        </message>
        <message>
            <source>Table</source>
            <translation>Tabelle</translation>
        </message>
        <message>
            <source>That tell the place</source>
            <translation>Die den Ort verraten</translation>
        </message>
        <message>
            <source>The chosen copy and its history</source>
            <translation>Die gewählte Kopie und ihre Geschichte</translation>
        </message>
        <message>
            <source>Their originals come to the wall, and their deliveries are ticked: then stamp</source>
            <translation>Ihre Originale kommen an die Wand, ihre Lieferungen werden angehakt: dann stempeln</translation>
        </message>
        <message>
            <source>There is no picture on the clipboard.</source>
            <translation>In der Zwischenablage ist kein Bild.</translation>
        </message>
        <message>
            <source>Up to 1200 pixels</source>
            <translation>Bis 1200 Pixel</translation>
        </message>
        <message>
            <source>Verify a folder…</source>
            <translation>Ordner prüfen…</translation>
        </message>
        <message>
            <source>What is the picture on the clipboard?</source>
            <translation>Was ist das Bild in der Zwischenablage?</translation>
        </message>
        <message>
            <source>What is this?</source>
            <translation>Was ist das?</translation>
        </message>
        <message>
            <source>When they were made</source>
            <translation>Wann sie gemacht wurden</translation>
        </message>
        <message>
            <source>Which copies</source>
            <translation>Welche Kopien</translation>
        </message>
        <message>
            <source>With a seal</source>
            <translation>Mit Siegel</translation>
        </message>
        <message>
            <source>Without a seal</source>
            <translation>Ohne Siegel</translation>
        </message>
        <message>
            <source>Words of the copies looked for</source>
            <translation>Worte der gesuchten Kopien</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RightsEditor</name>
        <message>
            <source>All fields</source>
            <translation>Alle Felder</translation>
        </message>
        <message>
            <source>Also those nothing is written to</source>
            <translation>Auch die, in die nichts geschrieben wird</translation>
        </message>
        <message>
            <source>Choose a picture to see what its copy will say.</source>
            <translation>Wählen Sie ein Bild, um zu sehen, was seine Kopie sagen wird.</translation>
        </message>
        <message>
            <source>For %1: what its copy will say, and what the original says there.</source>
            <translation>Für %1: was die Kopie sagen wird und was das Original dort sagt.</translation>
        </message>
        <message>
            <source>One more rule for this field</source>
            <translation>Noch eine Regel für dieses Feld</translation>
        </message>
        <message>
            <source>Sheets</source>
            <translation>Blätter</translation>
        </message>
        <message>
            <source>Take a saved sheet, keep this one, read and write XMP files</source>
            <translation>Gespeichertes Blatt nehmen, dieses behalten, XMP-Dateien lesen und schreiben</translation>
        </message>
        <message>
            <source>a rule for %1</source>
            <translation>Regel für %1</translation>
        </message>
        <message>
            <source>taking out a rule for %1</source>
            <translation>Regel für %1 herausnehmen</translation>
        </message>
        <message>
            <source>the rule for %1</source>
            <translation>Regel für %1</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RingDiagram</name>
        <message>
            <source>%1, ring %2 from the picture, %3 px wide</source>
            <translation>%1, Ring %2 vom Bild aus, %3 px breit</translation>
        </message>
        <message>
            <source>Click a ring to choose it; drag its outer edge, or use the arrow keys</source>
            <translation>Klicken Sie einen Ring an, um ihn zu wählen; ziehen Sie an seinem äußeren Rand oder nehmen Sie die Pfeiltasten</translation>
        </message>
        <message>
            <source>Rings of the border, from the picture outwards</source>
            <translation>Ringe des Rahmens, vom Bild nach außen</translation>
        </message>
        <message>
            <source>picture</source>
            <translation>Bild</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RuleEditor</name>
        <message>
            <source>%1 in the language %2</source>
            <translation>%1 in der Sprache %2</translation>
        </message>
        <message>
            <source>%1 of IIM's %2 bytes</source>
            <translation>%1 der %2 Bytes von IIM</translation>
        </message>
        <message>
            <source>Another language</source>
            <translation>Weitere Sprache</translation>
        </message>
        <message>
            <source>Another language…</source>
            <translation>Weitere Sprache…</translation>
        </message>
        <message>
            <source>IIM, the oldest of the three, counts bytes. Longer texts are cut there and stay whole in XMP and Exif.</source>
            <translation>IIM, die älteste der drei Ablagen, zählt Bytes. Längere Texte werden dort gekürzt und bleiben in XMP und Exif ganz.</translation>
        </message>
        <message>
            <source>Language, as in de, fr-CA or ja</source>
            <translation>Sprache, wie de, fr-CA oder ja</translation>
        </message>
        <message>
            <source>On which pictures</source>
            <translation>Auf welchen Bildern</translation>
        </message>
        <message>
            <source>Take the language %1 out</source>
            <translation>Sprache %1 herausnehmen</translation>
        </message>
        <message>
            <source>Take this rule out</source>
            <translation>Diese Regel herausnehmen</translation>
        </message>
        <message>
            <source>The copyright sign</source>
            <translation>Das Copyright-Zeichen</translation>
        </message>
        <message>
            <source>The other way round</source>
            <translation>Umgekehrt</translation>
        </message>
        <message>
            <source>The same words in one more language</source>
            <translation>Dieselben Worte in einer weiteren Sprache</translation>
        </message>
        <message>
            <source>Tokens</source>
            <translation>Platzhalter</translation>
        </message>
        <message>
            <source>What rule %1 does with %2</source>
            <translation>Was Regel %1 mit „%2“ tut</translation>
        </message>
        <message>
            <source>Where this does not hold</source>
            <translation>Wo dies nicht gilt</translation>
        </message>
        <message>
            <source>Words for %1</source>
            <translation>Worte für „%1“</translation>
        </message>
        <message>
            <source>Words of the condition</source>
            <translation>Worte der Bedingung</translation>
        </message>
        <message>
            <source>Words that are filled in for each picture</source>
            <translation>Worte, die für jedes Bild eingesetzt werden</translation>
        </message>
        <message>
            <source>choose</source>
            <translation>wählen</translation>
        </message>
        <message>
            <source>if %1</source>
            <translation>wenn %1</translation>
        </message>
        <message>
            <source>not</source>
            <translation>nicht</translation>
        </message>
        <message>
            <source>on every picture</source>
            <translation>auf jedem Bild</translation>
        </message>
        <message>
            <source>parted by semicolons</source>
            <translation>durch Semikolons getrennt</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RunBar</name>
        <message>
            <source>%1 held back</source>
            <translation>%1 zurückgehalten</translation>
        </message>
        <message>
            <source>Copies that would lack something their delivery promises: shows them and why</source>
            <translation>Kopien, denen etwas fehlen würde, was ihre Lieferung verspricht: zeigt sie und warum</translation>
        </message>
        <message>
            <source>Finish the pictures at hand, then wait</source>
            <translation>Die Bilder in Arbeit fertig machen, dann warten</translation>
        </message>
        <message>
            <source>Finished copies stay; the next run goes on where this one was</source>
            <translation>Fertige Kopien bleiben; der nächste Lauf geht weiter, wo dieser war</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>Weiter</translation>
        </message>
        <message>
            <source>Go on where it is</source>
            <translation>Weiter, wo er ist</translation>
        </message>
        <message>
            <source>Open folder</source>
            <translation>Ordner öffnen</translation>
        </message>
        <message>
            <source>Pause</source>
            <translation>Anhalten</translation>
        </message>
        <message>
            <source>Progress of the run</source>
            <translation>Fortschritt des Laufs</translation>
        </message>
        <message>
            <source>Run</source>
            <translation>Lauf</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Stopp</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RunDesk</name>
        <message>
            <source>%1 of %2 are made</source>
            <translation>%1 von %2 sind gemacht</translation>
        </message>
        <message>
            <source>Keep Seal</source>
            <translation>Keep Seal</translation>
        </message>
        <message>
            <source>Open folder</source>
            <translation>Ordner öffnen</translation>
        </message>
        <message>
            <source>PDF (*.pdf)</source>
            <translation>PDF (*.pdf)</translation>
        </message>
        <message>
            <source>Pictures</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <source>Save the contact sheet</source>
            <translation>Kontaktbogen speichern</translation>
        </message>
        <message>
            <source>Save the ledger as a table</source>
            <translation>Protokoll als Tabelle speichern</translation>
        </message>
        <message>
            <source>Save the proof sheets</source>
            <translation>Probebögen speichern</translation>
        </message>
        <message>
            <source>See the check</source>
            <translation>Zur Prüfung</translation>
        </message>
        <message>
            <source>Stamping begins</source>
            <translation>Das Stempeln beginnt</translation>
        </message>
        <message>
            <source>Tables (*.csv)</source>
            <translation>Tabellen (*.csv)</translation>
        </message>
        <message>
            <source>Web pages (*.html)</source>
            <translation>Webseiten (*.html)</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::RunSession</name>
        <message>
            <source>Copies</source>
            <translation>Kopien</translation>
        </message>
        <message>
            <source>Drawing the contact sheet…</source>
            <translation>Der Kontaktbogen wird gezeichnet…</translation>
        </message>
        <message>
            <source>Drawing the proof sheets…</source>
            <translation>Die Probebögen werden gezeichnet…</translation>
        </message>
        <message>
            <source>In line: %1 more after this one.</source>
            <translation>In der Reihe: %1 weitere nach diesem.</translation>
        </message>
        <message>
            <source>Printing the proof sheets…</source>
            <translation>Die Probebögen werden gedruckt…</translation>
        </message>
        <message>
            <source>The deliveries of these copies are no longer here.</source>
            <translation>Die Lieferungen dieser Kopien sind nicht mehr hier.</translation>
        </message>
        <message>
            <source>The proof sheets are with the printer.</source>
            <translation>Die Probebögen sind beim Drucker.</translation>
        </message>
        <message>
            <source>The report is written.</source>
            <translation>Der Bericht ist geschrieben.</translation>
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
            <translation>Passt sich an</translation>
        </message>
        <message>
            <source>Add a line, box or ring</source>
            <translation>Linie, Kasten oder Ring hinzufügen</translation>
        </message>
        <message>
            <source>Add a logo</source>
            <translation>Logo hinzufügen</translation>
        </message>
        <message>
            <source>Add a text</source>
            <translation>Text hinzufügen</translation>
        </message>
        <message>
            <source>Add my emblem</source>
            <translation>Mein Emblem hinzufügen</translation>
        </message>
        <message>
            <source>Back to the job</source>
            <translation>Zurück zum Auftrag</translation>
        </message>
        <message>
            <source>Back to the job (Esc)</source>
            <translation>Zurück zum Auftrag (Esc)</translation>
        </message>
        <message>
            <source>Bright</source>
            <translation>Hell</translation>
        </message>
        <message>
            <source>Chequered</source>
            <translation>Kariert</translation>
        </message>
        <message>
            <source>Click a part to change it, double-click a text to write in it. Drag the seal to move it, its corners to resize it, the round grip to turn it (Shift: by 15°).</source>
            <translation>Klicken Sie einen Teil an, um ihn zu ändern, doppelt, um in einen Text zu schreiben. Ziehen Sie das Siegel, um es zu bewegen, seine Ecken für die Größe, den runden Griff zum Drehen (Umschalt: in Schritten von 15°).</translation>
        </message>
        <message>
            <source>Corners</source>
            <translation>Ecken</translation>
        </message>
        <message>
            <source>Crop it, paint it out, average it away, press it: what is left of the seal (Ctrl+Shift+K)</source>
            <translation>Zuschneiden, wegmalen, wegmitteln, pressen: was vom Siegel bleibt (Strg+Umschalt+K)</translation>
        </message>
        <message>
            <source>Dark</source>
            <translation>Dunkel</translation>
        </message>
        <message>
            <source>Drag the four corners: for a seal that lies on a surface in the picture</source>
            <translation>Ziehen Sie die vier Ecken: für ein Siegel, das auf einer Fläche im Bild liegt</translation>
        </message>
        <message>
            <source>Duplicate the chosen parts</source>
            <translation>Gewählte Teile verdoppeln</translation>
        </message>
        <message>
            <source>Earlier (Alt+Up)</source>
            <translation>Früher (Alt+Auf)</translation>
        </message>
        <message>
            <source>Equal gaps across (three parts or more)</source>
            <translation>Gleiche Abstände quer (ab drei Teilen)</translation>
        </message>
        <message>
            <source>Equal gaps down (three parts or more)</source>
            <translation>Gleiche Abstände hoch (ab drei Teilen)</translation>
        </message>
        <message>
            <source>Fill in…</source>
            <translation>Einsetzen…</translation>
        </message>
        <message>
            <source>Fit</source>
            <translation>Einpassen</translation>
        </message>
        <message>
            <source>Ground: %1</source>
            <translation>Grund: %1</translation>
        </message>
        <message>
            <source>Group the chosen parts</source>
            <translation>Gewählte Teile gruppieren</translation>
        </message>
        <message>
            <source>How the seal looks, where it stands, how it adapts to each picture</source>
            <translation>Wie das Siegel aussieht, wo es steht, wie es sich jedem Bild anpasst</translation>
        </message>
        <message>
            <source>Insert %1</source>
            <translation>%1 einsetzen</translation>
        </message>
        <message>
            <source>Keep in the library</source>
            <translation>In der Bibliothek behalten</translation>
        </message>
        <message>
            <source>Larger (+)</source>
            <translation>Größer (+)</translation>
        </message>
        <message>
            <source>Later (Alt+Down)</source>
            <translation>Später (Alt+Ab)</translation>
        </message>
        <message>
            <source>Left edges</source>
            <translation>Linke Kanten</translation>
        </message>
        <message>
            <source>Library</source>
            <translation>Bibliothek</translation>
        </message>
        <message>
            <source>Line up</source>
            <translation>Ausrichten</translation>
        </message>
        <message>
            <source>Logos (*.svg *.pdf *.png *.tif *.tiff *.webp *.jpg *.jpeg)</source>
            <translation>Logos (*.svg *.pdf *.png *.tif *.tiff *.webp *.jpg *.jpeg)</translation>
        </message>
        <message>
            <source>Looks</source>
            <translation>Aussehen</translation>
        </message>
        <message>
            <source>Lower edges</source>
            <translation>Untere Kanten</translation>
        </message>
        <message>
            <source>Middle</source>
            <translation>Mittel</translation>
        </message>
        <message>
            <source>Middles, across</source>
            <translation>Mitten, quer</translation>
        </message>
        <message>
            <source>Middles, down</source>
            <translation>Mitten, hoch</translation>
        </message>
        <message>
            <source>My emblem</source>
            <translation>Mein Emblem</translation>
        </message>
        <message>
            <source>Name of the seal</source>
            <translation>Name des Siegels</translation>
        </message>
        <message>
            <source>New text</source>
            <translation>Neuer Text</translation>
        </message>
        <message>
            <source>Part</source>
            <translation>Teil</translation>
        </message>
        <message>
            <source>Parts</source>
            <translation>Teile</translation>
        </message>
        <message>
            <source>Redo (Ctrl+Shift+Z)</source>
            <translation>Wiederholen (Strg+Umschalt+Z)</translation>
        </message>
        <message>
            <source>Remove the chosen parts (Delete)</source>
            <translation>Gewählte Teile entfernen (Entf)</translation>
        </message>
        <message>
            <source>Right edges</source>
            <translation>Rechte Kanten</translation>
        </message>
        <message>
            <source>Save this seal under its name, to use it elsewhere (Ctrl+K)</source>
            <translation>Dieses Siegel unter seinem Namen behalten, um es anderswo zu nehmen (Strg+K)</translation>
        </message>
        <message>
            <source>Saved seals, to take one (Ctrl+L)</source>
            <translation>Gespeicherte Siegel, um eines zu nehmen (Strg+L)</translation>
        </message>
        <message>
            <source>Smaller (-)</source>
            <translation>Kleiner (-)</translation>
        </message>
        <message>
            <source>Stands</source>
            <translation>Stand</translation>
        </message>
        <message>
            <source>Take the chosen group apart</source>
            <translation>Gewählte Gruppe auflösen</translation>
        </message>
        <message>
            <source>The whole picture (0)</source>
            <translation>Das ganze Bild (0)</translation>
        </message>
        <message>
            <source>The whole seal</source>
            <translation>Das ganze Siegel</translation>
        </message>
        <message>
            <source>Top edges</source>
            <translation>Obere Kanten</translation>
        </message>
        <message>
            <source>Trial</source>
            <translation>Erprobung</translation>
        </message>
        <message>
            <source>Undo (Ctrl+Z)</source>
            <translation>Rückgängig (Strg+Z)</translation>
        </message>
        <message>
            <source>What about the seal</source>
            <translation>Was am Siegel</translation>
        </message>
        <message>
            <source>Words that are filled in for each picture</source>
            <translation>Worte, die für jedes Bild eingesetzt werden</translation>
        </message>
        <message>
            <source>Yours</source>
            <translation>Ihre</translation>
        </message>
        <message>
            <source>adding a logo</source>
            <translation>Logo hinzufügen</translation>
        </message>
        <message>
            <source>adding a shape</source>
            <translation>Form hinzufügen</translation>
        </message>
        <message>
            <source>adding a text</source>
            <translation>Text hinzufügen</translation>
        </message>
        <message>
            <source>adding my emblem</source>
            <translation>mein Emblem hinzufügen</translation>
        </message>
        <message>
            <source>changing “%1” of a part</source>
            <translation>„%1“ eines Teils ändern</translation>
        </message>
        <message>
            <source>choosing a typeface</source>
            <translation>Schrift wählen</translation>
        </message>
        <message>
            <source>contrast %1 : 1</source>
            <translation>Kontrast %L1 : 1</translation>
        </message>
        <message>
            <source>duplicating parts</source>
            <translation>Teile verdoppeln</translation>
        </message>
        <message>
            <source>grouping parts</source>
            <translation>Teile gruppieren</translation>
        </message>
        <message>
            <source>lining parts up</source>
            <translation>Teile ausrichten</translation>
        </message>
        <message>
            <source>naming the seal</source>
            <translation>Siegel benennen</translation>
        </message>
        <message>
            <source>removing parts</source>
            <translation>Teile entfernen</translation>
        </message>
        <message>
            <source>reordering parts</source>
            <translation>Teile umordnen</translation>
        </message>
        <message>
            <source>seen %1 : 1</source>
            <translation>gesehen %L1 : 1</translation>
        </message>
        <message>
            <source>spreading parts</source>
            <translation>Teile verteilen</translation>
        </message>
        <message>
            <source>the seal of %1</source>
            <translation>das Siegel von %1</translation>
        </message>
        <message>
            <source>ungrouping parts</source>
            <translation>Gruppe auflösen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::SealCanvas</name>
        <message>
            <source>Canvas: the seal on a picture; arrow keys move what is selected</source>
            <translation>Fläche: das Siegel auf einem Bild; Pfeiltasten bewegen, was gewählt ist</translation>
        </message>
        <message>
            <source>No picture in the job yet: choose a plain ground below</source>
            <translation>Noch kein Bild im Auftrag: Wählen Sie unten einen glatten Grund</translation>
        </message>
        <message>
            <source>Text of %1</source>
            <translation>Text von %1</translation>
        </message>
        <message>
            <source>being read</source>
            <translation>wird gelesen</translation>
        </message>
        <message>
            <source>changing the text</source>
            <translation>Text ändern</translation>
        </message>
        <message>
            <source>dragging a corner</source>
            <translation>Ecke ziehen</translation>
        </message>
        <message>
            <source>moving parts</source>
            <translation>Teile bewegen</translation>
        </message>
        <message>
            <source>moving the pattern</source>
            <translation>Muster bewegen</translation>
        </message>
        <message>
            <source>moving the seal</source>
            <translation>Siegel verschieben</translation>
        </message>
        <message>
            <source>removing parts</source>
            <translation>Teile entfernen</translation>
        </message>
        <message>
            <source>resizing parts</source>
            <translation>Größe von Teilen ändern</translation>
        </message>
        <message>
            <source>resizing the seal</source>
            <translation>Größe des Siegels ändern</translation>
        </message>
        <message>
            <source>turning the seal</source>
            <translation>Siegel drehen</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::SealChooser</name>
        <message>
            <source> copy</source>
            <translation> Kopie</translation>
        </message>
        <message>
            <source>A copy that you can change</source>
            <translation>Eine Kopie, die Sie ändern können</translation>
        </message>
        <message>
            <source>Another name for this seal</source>
            <translation>Anderer Name für dieses Siegel</translation>
        </message>
        <message>
            <source>Back without a change (Esc)</source>
            <translation>Zurück ohne Änderung (Esc)</translation>
        </message>
        <message>
            <source>Bring back</source>
            <translation>Zurückholen</translation>
        </message>
        <message>
            <source>Brings the removed seal back</source>
            <translation>Holt das entfernte Siegel zurück</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Schließen</translation>
        </message>
        <message>
            <source>Comes with Keep Seal: duplicate it to change it here.</source>
            <translation>Kommt mit Keep Seal: Verdoppeln Sie es, um es hier zu ändern.</translation>
        </message>
        <message>
            <source>Duplicate</source>
            <translation>Verdoppeln</translation>
        </message>
        <message>
            <source>Import a shared seal</source>
            <translation>Geteiltes Siegel hereinnehmen</translation>
        </message>
        <message>
            <source>Import…</source>
            <translation>Hereinnehmen…</translation>
        </message>
        <message>
            <source>Name of the seal</source>
            <translation>Name des Siegels</translation>
        </message>
        <message>
            <source>No seal has these words.</source>
            <translation>Kein Siegel hat diese Worte.</translation>
        </message>
        <message>
            <source>Notes</source>
            <translation>Notizen</translation>
        </message>
        <message>
            <source>Notes and tags…</source>
            <translation>Notizen und Schlagworte…</translation>
        </message>
        <message>
            <source>One zip with logos and typefaces, or a PNG or SVG picture with transparency</source>
            <translation>Ein Zip mit Logos und Schriften oder ein PNG- oder SVG-Bild mit Transparenz</translation>
        </message>
        <message>
            <source>Remove</source>
            <translation>Entfernen</translation>
        </message>
        <message>
            <source>Rename</source>
            <translation>Umbenennen</translation>
        </message>
        <message>
            <source>Rename…</source>
            <translation>Umbenennen…</translation>
        </message>
        <message>
            <source>Save as a picture</source>
            <translation>Als Bild speichern</translation>
        </message>
        <message>
            <source>Saved as %1</source>
            <translation>Gespeichert als %1</translation>
        </message>
        <message>
            <source>Saved seals</source>
            <translation>Gespeicherte Siegel</translation>
        </message>
        <message>
            <source>Seals</source>
            <translation>Siegel</translation>
        </message>
        <message>
            <source>Seals in the library</source>
            <translation>Siegel in der Bibliothek</translation>
        </message>
        <message>
            <source>Search names, notes and tags</source>
            <translation>Namen, Notizen und Schlagworte durchsuchen</translation>
        </message>
        <message>
            <source>Search the library</source>
            <translation>Bibliothek durchsuchen</translation>
        </message>
        <message>
            <source>Share or save as</source>
            <translation>Teilen oder speichern als</translation>
        </message>
        <message>
            <source>Share or save as…</source>
            <translation>Teilen oder speichern als…</translation>
        </message>
        <message>
            <source>Shared seal (*.zip);;PNG picture (*.png);;SVG picture (*.svg)</source>
            <translation>Geteiltes Siegel (*.zip);;PNG-Bild (*.png);;SVG-Bild (*.svg)</translation>
        </message>
        <message>
            <source>Shared seals (*.zip)</source>
            <translation>Geteilte Siegel (*.zip)</translation>
        </message>
        <message>
            <source>Tags</source>
            <translation>Schlagworte</translation>
        </message>
        <message>
            <source>Tags: %1   </source>
            <translation>Schlagworte: %1   </translation>
        </message>
        <message>
            <source>Takes a shared seal into the library</source>
            <translation>Nimmt ein geteiltes Siegel in die Bibliothek</translation>
        </message>
        <message>
            <source>Takes it out of the library; can be brought back</source>
            <translation>Nimmt es aus der Bibliothek; kann zurückgeholt werden</translation>
        </message>
        <message>
            <source>The library is empty.</source>
            <translation>Die Bibliothek ist leer.</translation>
        </message>
        <message>
            <source>Use this seal</source>
            <translation>Dieses Siegel nehmen</translation>
        </message>
        <message>
            <source>What it is for, and words to find it by</source>
            <translation>Wofür es ist, und Worte, unter denen man es findet</translation>
        </message>
        <message>
            <source>What this seal is for</source>
            <translation>Wofür dieses Siegel ist</translation>
        </message>
        <message>
            <source>Width in pixels</source>
            <translation>Breite in Pixeln</translation>
        </message>
        <message>
            <source>Words to find it by, with commas between</source>
            <translation>Worte, unter denen man es findet, mit Kommas dazwischen</translation>
        </message>
        <message>
            <source>“%1” is in the library now.</source>
            <translation>„%1“ ist jetzt in der Bibliothek.</translation>
        </message>
        <message>
            <source>“%1” was removed.</source>
            <translation>„%1“ wurde entfernt.</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::SendingDesk</name>
        <message>
            <source>
Copies may be sent there from now on.</source>
            <translation>
Von nun an dürfen Kopien dorthin gesendet werden.</translation>
        </message>
        <message>
            <source>Accept this key</source>
            <translation>Diesen Schlüssel annehmen</translation>
        </message>
        <message>
            <source>For %1.
It goes into the desktop's secret store, and nowhere else.</source>
            <translation>Für %1.
Es kommt in den Passwortspeicher des Desktops und nirgends sonst hin.</translation>
        </message>
        <message>
            <source>Name the server and the user first.</source>
            <translation>Nennen Sie erst den Server und den Benutzer.</translation>
        </message>
        <message>
            <source>Name the server first.</source>
            <translation>Nennen Sie erst den Server.</translation>
        </message>
        <message>
            <source>Outbox…</source>
            <translation>Ausgang…</translation>
        </message>
        <message>
            <source>Password</source>
            <translation>Passwort</translation>
        </message>
        <message>
            <source>The password is in the desktop's secret store.</source>
            <translation>Das Passwort ist im Passwortspeicher des Desktops.</translation>
        </message>
        <message>
            <source>The server's key: %1

</source>
            <translation>Der Schlüssel des Servers: %1

</translation>
        </message>
        <message>
            <source>This delivery takes its password from elsewhere: choose the desktop's secret store first.</source>
            <translation>Diese Lieferung nimmt ihr Passwort anderswo her: Wählen Sie erst den Passwortspeicher des Desktops.</translation>
        </message>
        <message>
            <source>Try it out</source>
            <translation>Ausprobieren</translation>
        </message>
        <message>
            <source>Trying %1 out…</source>
            <translation>%1 wird ausprobiert…</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::SettingForm</name>
        <message>
            <source>%1, settings</source>
            <translation>%1, Einstellungen</translation>
        </message>
        <message>
            <source>Choose the file</source>
            <translation>Datei wählen</translation>
        </message>
        <message>
            <source>Choose the folder</source>
            <translation>Ordner wählen</translation>
        </message>
        <message>
            <source>Logos (*.svg *.pdf *.png *.tif *.tiff *.webp *.jpg *.jpeg)</source>
            <translation>Logos (*.svg *.pdf *.png *.tif *.tiff *.webp *.jpg *.jpeg)</translation>
        </message>
        <message>
            <source>no file yet</source>
            <translation>noch keine Datei</translation>
        </message>
        <message>
            <source>no folder yet</source>
            <translation>noch kein Ordner</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::SingleView</name>
        <message>
            <source>   ·   as saved: %1</source>
            <translation>   ·   wie gespeichert: %1</translation>
        </message>
        <message>
            <source>   ·   being saved…</source>
            <translation>   ·   wird gespeichert…</translation>
        </message>
        <message>
            <source>   ·   contrast %1 : 1</source>
            <translation>   ·   Kontrast %L1 : 1</translation>
        </message>
        <message>
            <source>   ·   copy %1 × %2   ·   shown at %3 %</source>
            <translation>   ·   Kopie %1 × %2   ·   gezeigt mit %3 %</translation>
        </message>
        <message>
            <source>   ·   original %1 × %2</source>
            <translation>   ·   Original %1 × %2</translation>
        </message>
        <message>
            <source>   ·   page %1 of %2</source>
            <translation>   ·   Seite %1 von %2</translation>
        </message>
        <message>
            <source>   ·   place in the original: %1</source>
            <translation>   ·   Ort im Original: %1</translation>
        </message>
        <message>
            <source> (Page Up, Page Down)</source>
            <translation> (Bild auf, Bild ab)</translation>
        </message>
        <message>
            <source>Click on the picture to take a colour · Escape gives up</source>
            <translation>Klicken Sie ins Bild, um eine Farbe zu nehmen · Esc bricht ab</translation>
        </message>
        <message>
            <source>Copy</source>
            <translation>Kopie</translation>
        </message>
        <message>
            <source>One picture</source>
            <translation>Ein Bild</translation>
        </message>
        <message>
            <source>Original</source>
            <translation>Original</translation>
        </message>
        <message>
            <source>Reading the picture…</source>
            <translation>Das Bild wird gelesen…</translation>
        </message>
        <message>
            <source>difference %1 of 100</source>
            <translation>Unterschied %L1 von 100</translation>
        </message>
        <message>
            <source>shown %1 times as large</source>
            <translation>%1-mal so groß gezeigt</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::TrialDialog</name>
        <message>
            <source>%1 · %2 of 100</source>
            <translation>%1 · %2 von 100</translation>
        </message>
        <message>
            <source>%1 · not tried</source>
            <translation>%1 · nicht versucht</translation>
        </message>
        <message>
            <source>100: nothing of the seal was lost. That a mark holds here does not prove that it can't be taken off.</source>
            <translation>100: Nichts vom Siegel ging verloren. Dass ein Zeichen hier hält, beweist nicht, dass es nicht zu entfernen ist.</translation>
        </message>
        <message>
            <source>Afterwards</source>
            <translation>Danach</translation>
        </message>
        <message>
            <source>As sealed</source>
            <translation>Wie gesiegelt</translation>
        </message>
        <message>
            <source>How far the trial has come</source>
            <translation>Wie weit die Erprobung ist</translation>
        </message>
        <message>
            <source>Picture, worst first</source>
            <translation>Bild, schlechtestes zuerst</translation>
        </message>
        <message>
            <source>Trial of the seal</source>
            <translation>Erprobung des Siegels</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::TrialStrip</name>
        <message>
            <source>
The number is the contrast of the seal as measured, to 1.</source>
            <translation>
Die Zahl ist der gemessene Kontrast des Siegels, zu 1.</translation>
        </message>
        <message>
            <source> · logo enlarged, needs %1 × %2 px</source>
            <translation> · Logo vergrößert, braucht %1 × %2 px</translation>
        </message>
        <message>
            <source> · on plain ground in %1</source>
            <translation> · auf glattem Grund in %1</translation>
        </message>
        <message>
            <source>, being measured</source>
            <translation>, wird gemessen</translation>
        </message>
        <message>
            <source>, contrast %1 to 1</source>
            <translation>, Kontrast %1 zu 1</translation>
        </message>
        <message>
            <source>Hard cases for this seal</source>
            <translation>Schwierige Fälle für dieses Siegel</translation>
        </message>
        <message>
            <source>Where this seal is most likely to fail</source>
            <translation>Wo dieses Siegel am ehesten versagt</translation>
        </message>
        <message>
            <source>being measured</source>
            <translation>wird gemessen</translation>
        </message>
        <message>
            <source>black to white</source>
            <translation>Schwarz zu Weiß</translation>
        </message>
        <message>
            <source>hard to read in %1 of %2</source>
            <translation>schwer lesbar in %1 von %2</translation>
        </message>
        <message>
            <source>readable in all %1 measured</source>
            <translation>lesbar in allen %1 gemessenen</translation>
        </message>
        <message>
            <source>tall</source>
            <translation>hoch</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::TypefaceBox</name>
        <message>
            <source>%1 (not here)</source>
            <translation>%1 (nicht hier)</translation>
        </message>
        <message>
            <source>Add a typeface</source>
            <translation>Schrift hinzufügen</translation>
        </message>
        <message>
            <source>Add a typeface…</source>
            <translation>Schrift hinzufügen…</translation>
        </message>
        <message>
            <source>Typefaces (*.ttf *.otf *.ttc)</source>
            <translation>Schriften (*.ttf *.otf *.ttc)</translation>
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
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Schließen</translation>
        </message>
        <message>
            <source>File</source>
            <translation>Datei</translation>
        </message>
        <message>
            <source>Files</source>
            <translation>Dateien</translation>
        </message>
        <message>
            <source>Files are being read</source>
            <translation>Dateien werden gelesen</translation>
        </message>
        <message>
            <source>Is</source>
            <translation>Ist</translation>
        </message>
        <message>
            <source>Known as</source>
            <translation>Bekannt als</translation>
        </message>
        <message>
            <source>Reading every file in %1…</source>
            <translation>Jede Datei in %1 wird gelesen…</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Stopp</translation>
        </message>
        <message>
            <source>There is nothing in %1.</source>
            <translation>In %1 ist nichts.</translation>
        </message>
        <message>
            <source>Verify a folder</source>
            <translation>Ordner prüfen</translation>
        </message>
        <message>
            <source>a copy for "%1", %2</source>
            <translation>eine Kopie für „%1“, %2</translation>
        </message>
        <message>
            <source>an original, last copied %1</source>
            <translation>ein Original, zuletzt kopiert %1</translation>
        </message>
        <message>
            <source>can't be read</source>
            <translation>nicht lesbar</translation>
        </message>
        <message>
            <source>changed</source>
            <translation>geändert</translation>
        </message>
        <message>
            <source>missing</source>
            <translation>fehlt</translation>
        </message>
        <message>
            <source>not in the register</source>
            <translation>nicht im Register</translation>
        </message>
        <message>
            <source>untouched</source>
            <translation>unberührt</translation>
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
            <translation>Einpassen</translation>
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
            <translation>Alle Proben (Strg+1)</translation>
        </message>
        <message>
            <source>As saved</source>
            <translation>Wie gespeichert</translation>
        </message>
        <message>
            <source>Before / after</source>
            <translation>Vorher / nachher</translation>
        </message>
        <message>
            <source>Close the notice</source>
            <translation>Mitteilung schließen</translation>
        </message>
        <message>
            <source>Dark, middle or light grey around the pictures (Ctrl+G)</source>
            <translation>Dunkles, mittleres oder helles Grau um die Bilder (Strg+G)</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Unterschied</translation>
        </message>
        <message>
            <source>Every copy that ever left, and what a picture is that you met (Ctrl+7)</source>
            <translation>Jede Kopie, die je hinausging, und was ein angetroffenes Bild ist (Strg+7)</translation>
        </message>
        <message>
            <source>Every copy, before and after the run (Ctrl+6)</source>
            <translation>Jede Kopie, vor und nach dem Lauf (Strg+6)</translation>
        </message>
        <message>
            <source>Fit</source>
            <translation>Einpassen</translation>
        </message>
        <message>
            <source>Grey</source>
            <translation>Grau</translation>
        </message>
        <message>
            <source>Grey around the pictures</source>
            <translation>Grau um die Bilder</translation>
        </message>
        <message>
            <source>One</source>
            <translation>Eines</translation>
        </message>
        <message>
            <source>One proof, large (Ctrl+2 or Enter)</source>
            <translation>Eine Probe, groß (Strg+2 oder Eingabe)</translation>
        </message>
        <message>
            <source>Original and copy with a divider (Ctrl+3)</source>
            <translation>Original und Kopie mit Trennlinie (Strg+3)</translation>
        </message>
        <message>
            <source>Plan and check</source>
            <translation>Plan und Prüfung</translation>
        </message>
        <message>
            <source>Register</source>
            <translation>Register</translation>
        </message>
        <message>
            <source>Size of the proofs</source>
            <translation>Größe der Proben</translation>
        </message>
        <message>
            <source>Size of the proofs (Ctrl+wheel)</source>
            <translation>Größe der Proben (Strg+Mausrad)</translation>
        </message>
        <message>
            <source>The picture as its file will be, decoded again, with its bytes (Ctrl+E)</source>
            <translation>Das Bild, wie seine Datei sein wird, wieder gelesen, mit ihren Bytes (Strg+E)</translation>
        </message>
        <message>
            <source>Wall</source>
            <translation>Wand</translation>
        </message>
        <message>
            <source>What all copies will say, as a table (Ctrl+4)</source>
            <translation>Was alle Kopien sagen werden, als Tabelle (Strg+4)</translation>
        </message>
        <message>
            <source>What each file tells, and what its copy will (Ctrl+5)</source>
            <translation>Was jede Datei verrät und was ihre Kopie verraten wird (Strg+5)</translation>
        </message>
        <message>
            <source>What leaves</source>
            <translation>Was hinausgeht</translation>
        </message>
        <message>
            <source>What saving changed, enlarged on grey (Ctrl+Shift+Y)</source>
            <translation>Was das Speichern änderte, verstärkt auf Grau (Strg+Umschalt+Y)</translation>
        </message>
        <message>
            <source>Words</source>
            <translation>Worte</translation>
        </message>
        <message>
            <source>Zoom: %1</source>
            <translation>Vergrößerung: %1</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::WatchDesk</name>
        <message>
            <source>Another job was opened: its pictures and those of the folder are not mixed.</source>
            <translation>Ein anderer Auftrag wurde geöffnet: Seine Bilder und die des Ordners werden nicht vermischt.</translation>
        </message>
        <message>
            <source>Choose the folder first.</source>
            <translation>Wählen Sie erst den Ordner.</translation>
        </message>
        <message>
            <source>Watch a folder…</source>
            <translation>Ordner beobachten…</translation>
        </message>
        <message>
            <source>came onto the wall</source>
            <translation>kam an die Wand</translation>
        </message>
        <message>
            <source>came onto the wall; a ticked delivery has no folder for its copies</source>
            <translation>kam an die Wand; eine angehakte Lieferung hat keinen Ordner für ihre Kopien</translation>
        </message>
        <message>
            <source>could not be made</source>
            <translation>konnte nicht gemacht werden</translation>
        </message>
        <message>
            <source>has the bytes of %1, whose copies were made on %2: nothing is made again</source>
            <translation>hat die Bytes von %1, dessen Kopien am %2 gemacht wurden: nichts wird nochmals gemacht</translation>
        </message>
        <message>
            <source>held back: %1</source>
            <translation>zurückgehalten: %1</translation>
        </message>
        <message>
            <source>left out: its name is taken</source>
            <translation>ausgelassen: der Name ist vergeben</translation>
        </message>
        <message>
            <source>made</source>
            <translation>gemacht</translation>
        </message>
        <message>
            <source>was there already</source>
            <translation>war schon da</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::WatchDialog</name>
        <message>
            <source>Choose…</source>
            <translation>Wählen…</translation>
        </message>
        <message>
            <source>Folder</source>
            <translation>Ordner</translation>
        </message>
        <message>
            <source>Nothing is watched. Pictures that come into the folder go onto the wall by themselves.</source>
            <translation>Nichts wird beobachtet. Bilder, die in den Ordner kommen, gehen von selbst an die Wand.</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>Stamp each picture by the ticked deliveries as it comes</source>
            <translation>Jedes Bild bei der Ankunft nach den angehakten Lieferungen stempeln</translation>
        </message>
        <message>
            <source>Watch</source>
            <translation>Beobachten</translation>
        </message>
        <message>
            <source>Watch a folder</source>
            <translation>Ordner beobachten</translation>
        </message>
        <message>
            <source>Watch no more</source>
            <translation>Nicht mehr beobachten</translation>
        </message>
        <message>
            <source>Watch this folder</source>
            <translation>Diesen Ordner beobachten</translation>
        </message>
        <message>
            <source>Watched while this window is open: what has been at rest for two seconds comes onto the wall.</source>
            <translation>Wird beobachtet, solange dieses Fenster offen ist: Was zwei Sekunden ruht, kommt an die Wand.</translation>
        </message>
        <message>
            <source>What was done</source>
            <translation>Was getan wurde</translation>
        </message>
        <message>
            <source>When</source>
            <translation>Wann</translation>
        </message>
        <message>
            <source>With all folders in it</source>
            <translation>Mit allen Ordnern darin</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::WhoDialog</name>
        <message>
            <source>Only for this job</source>
            <translation>Nur für diesen Auftrag</translation>
        </message>
        <message>
            <source>Otherwise it is remembered for every job</source>
            <translation>Sonst wird es für jeden Auftrag gemerkt</translation>
        </message>
        <message>
            <source>Said once: seals, captions and rights sheets use it wherever they hold {studio}, {studio_link} and the like.</source>
            <translation>Einmal gesagt: Siegel, Bildunterschriften und Rechteblätter nehmen es, wo immer {studio}, {studio_link} und dergleichen stehen.</translation>
        </message>
        <message>
            <source>That is me</source>
            <translation>Das bin ich</translation>
        </message>
        <message>
            <source>These copies are held back, because their designs ask for something that is not said yet. Said once, every design uses it.</source>
            <translation>Diese Kopien werden zurückgehalten, weil ihre Gestaltung nach etwas fragt, was noch nicht gesagt ist. Einmal gesagt, nimmt es jede Gestaltung.</translation>
        </message>
        <message>
            <source>Who you are</source>
            <translation>Wer Sie sind</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::WordsDesk</name>
        <message>
            <source>A page to read (*.html);;JSON (*.json)</source>
            <translation>Eine Seite zum Lesen (*.html);;JSON (*.json)</translation>
        </message>
        <message>
            <source>Save a report</source>
            <translation>Bericht speichern</translation>
        </message>
        <message>
            <source>Save the words</source>
            <translation>Worte speichern</translation>
        </message>
        <message>
            <source>Tables (*.csv *.tsv *.txt)</source>
            <translation>Tabellen (*.csv *.tsv *.txt)</translation>
        </message>
        <message>
            <source>Tables (*.csv)</source>
            <translation>Tabellen (*.csv)</translation>
        </message>
        <message>
            <source>What do the files in there tell?</source>
            <translation>Was verraten die Dateien darin?</translation>
        </message>
        <message>
            <source>What do these files tell?</source>
            <translation>Was verraten diese Dateien?</translation>
        </message>
        <message>
            <source>Words from a table</source>
            <translation>Worte aus einer Tabelle</translation>
        </message>
    </context>
    <context>
        <name>keepseal::app::WordsModel</name>
        <message>
            <source>%1 of %2</source>
            <translation>%1 von %2</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>Problems</source>
            <translation>Probleme</translation>
        </message>
        <message>
            <source>The original says: %1</source>
            <translation>Das Original sagt: %1</translation>
        </message>
        <message>
            <source>being read</source>
            <translation>wird gelesen</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>nichts</translation>
        </message>
        <message>
            <source>nothing to look at</source>
            <translation>nichts anzusehen</translation>
        </message>
        <message>
            <source>taking back typed words</source>
            <translation>getippte Worte zurücknehmen</translation>
        </message>
        <message>
            <source>words from a table</source>
            <translation>Worte aus einer Tabelle</translation>
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
            <translation>%1 von %2 Bildern bisher gelesen.</translation>
        </message>
        <message>
            <source>A table made here or elsewhere; the first column names the file</source>
            <translation>Eine hier oder anderswo gemachte Tabelle; die erste Spalte nennt die Datei</translation>
        </message>
        <message>
            <source>Fields</source>
            <translation>Felder</translation>
        </message>
        <message>
            <source>Save as CSV…</source>
            <translation>Als CSV speichern…</translation>
        </message>
        <message>
            <source>Take back typed words</source>
            <translation>Getippte Worte zurücknehmen</translation>
        </message>
        <message>
            <source>The chosen cells as the sheet and the original have them (Del)</source>
            <translation>Die gewählten Zellen, wie Blatt und Original sie haben (Entf)</translation>
        </message>
        <message>
            <source>This table, for a spreadsheet</source>
            <translation>Diese Tabelle, für eine Tabellenkalkulation</translation>
        </message>
        <message>
            <source>Which fields are shown</source>
            <translation>Welche Felder gezeigt werden</translation>
        </message>
        <message>
            <source>Words from CSV…</source>
            <translation>Worte aus CSV…</translation>
        </message>
        <message>
            <source>Words of every copy</source>
            <translation>Worte aller Kopien</translation>
        </message>
    </context>
</TS>
