<?php

declare(strict_types=1);

// What a hirer reads: English, then French. The yard that hands it out checks it: it is about safety.
return array_column([
    ['Read first', 'À lire d\'abord'],
    [
        'Only people trained for this kind and shown this model use it. Try every control standing still, in a '
            .'quiet place. The manual stays on the machine.',
        'Seules l\'utilisent des personnes formées pour ce genre et à qui ce modèle a été montré. Essayez chaque '
            .'commande à l\'arrêt, dans un endroit calme. Le manuel reste sur la machine.',
    ],
    [
        'Models differ in size and controls. Having watched somebody is not training. A method the manual does '
            .'not name is for your supervisor to judge.',
        'Les modèles diffèrent de taille et de commandes. Avoir regardé quelqu\'un n\'est pas une formation. Une '
            .'méthode que le manuel ne nomme pas relève de votre chef.',
    ],
    [
        'A wrong lever in an emergency hurts somebody. The manual and the law of the place overrule this talk.',
        'Un mauvais levier dans l\'urgence blesse quelqu\'un. Le manuel et la loi du lieu priment sur ces '
            .'paroles.',
    ],
    ['Know this platform', 'Connaître cette plate-forme'],
    [
        'Before the first lift: its warnings, its features, each control, the safety devices, the emergency '
            .'lowering.',
        'Avant la première montée : ses avertissements, ses particularités, chaque commande, les sécurités, la '
            .'descente de secours.',
    ],
    [
        'Your employer answers for training and for this introduction. It comes on top of training, never '
            .'instead.',
        'Votre employeur répond de la formation et de cette présentation. Elle s\'ajoute à la formation, jamais '
            .'ne la remplace.',
    ],
    [
        'Platforms differ in weight, height, width and envelope.',
        'Les plates-formes diffèrent de poids, de hauteur, de largeur et de portée.',
    ],
    ['What the signs mean', 'Ce que disent les panneaux'],
    [
        'Danger: death or grave injury will follow. Warning: it could. Caution: a lesser injury could.',
        'Danger : mort ou blessure grave suivront. Avertissement : elles pourraient. Attention : une blessure '
            .'moindre pourrait.',
    ],
    [
        'Stop and read before you act on a symbol that you do not know.',
        'Arrêtez-vous et lisez avant d\'agir sur un symbole que vous ne connaissez pas.',
    ],
    ['No list of signs is ever complete.', 'Aucune liste de panneaux n\'est complète.'],
    ['What you wear', 'Ce que vous portez'],
    [
        'Hard hat, boots with toe caps, gloves, glasses, high-visibility vest. Hearing protection beside the '
            .'engine.',
        'Casque, chaussures à coque, gants, lunettes, gilet haute visibilité. Protection de l\'ouïe près du '
            .'moteur.',
    ],
    [
        'Things fall, fly, cut and crush; engines deafen slowly.',
        'Des choses tombent, volent, coupent et écrasent ; les moteurs rendent sourd lentement.',
    ],
    [
        'Nothing loose near fans, belts, shafts or chains.',
        'Rien de flottant près des ventilateurs, courroies, arbres ou chaînes.',
    ],
    [
        'Boots with toe caps, gloves, glasses, high-visibility vest, and the hard hat where the site asks for it.',
        'Chaussures à coque, gants, lunettes, gilet haute visibilité, et le casque où le chantier le demande.',
    ],
    ['Things fall, fly, cut and crush.', 'Des choses tombent, volent, coupent et écrasent.'],
    ['Nothing loose near wheels or chains.', 'Rien de flottant près des roues ou des chaînes.'],
    [
        'Harness and short lanyard, hard hat, boots, gloves, glasses, high-visibility vest.',
        'Harnais et longe courte, casque, chaussures, gants, lunettes, gilet haute visibilité.',
    ],
    ['A jolt at the ground is a throw at height.', 'Une secousse au sol est une projection en hauteur.'],
    [
        'Clip only to the marked anchor, never to a rail, never to the building.',
        'N\'attachez qu\'au point marqué, jamais à un garde-corps, jamais au bâtiment.',
    ],
    [
        'Hard hat, boots, gloves, glasses, high-visibility vest. The harness where your assessment or the manual '
            .'asks for it.',
        'Casque, chaussures, gants, lunettes, gilet haute visibilité. Le harnais où votre évaluation ou le '
            .'manuel le demande.',
    ],
    [
        'The rails are the first protection; the harness where they are not enough.',
        'Les garde-corps sont la première protection ; le harnais où ils ne suffisent pas.',
    ],
    ['Not sure: wear it, and clip to the marked anchor.', 'Un doute : portez-le, et attachez-vous au point marqué.'],
    ['Look round', 'Regarder autour'],
    [
        'Look up, down and all round: lines, edges, slopes, people, weather. Know where the extinguishers are. '
            .'Agree signals with those who work beside you.',
        'Regardez en haut, en bas et tout autour : lignes, bords, pentes, gens, temps. Sachez où sont les '
            .'extincteurs. Convenez de signes avec ceux qui travaillent à côté.',
    ],
    [
        'Overhead lines, soft edges and people come and go during the day; wet ground gives way. Look again '
            .'after every break.',
        'Lignes, bords mous et gens vont et viennent dans la journée ; un sol mouillé cède. Regardez de nouveau '
            .'après chaque pause.',
    ],
    [
        'Overhead strike, people run over, ground that gives way.',
        'Contact avec une ligne, personnes écrasées, sol qui cède.',
    ],
    ['Where it will stand', 'Où elle se tiendra'],
    [
        'Holes, drop-offs, slope, debris, things overhead, the wind at platform height. Its wind limit stands on '
            .'the plate.',
        'Trous, dénivelés, pente, débris, choses au-dessus, vent à hauteur de plate-forme. Sa limite de vent est '
            .'sur la plaque.',
    ],
    ['A raised platform makes a small slope large.', 'Une plate-forme levée rend grande une petite pente.'],
    [
        'Above the limit, or a storm in sight: lower it and stay down.',
        'Au-delà de la limite, ou un orage en vue : descendez-la et restez en bas.',
    ],
    [
        'Holes, drop-offs, slope, debris, things overhead, what the floor carries. Indoors only: no wind at all.',
        'Trous, dénivelés, pente, débris, choses au-dessus, ce que porte le sol. À l\'intérieur seulement : '
            .'aucun vent.',
    ],
    [
        'A raised platform makes a small slope large, and a draught a push.',
        'Une plate-forme levée rend grande une petite pente, et d\'un courant d\'air une poussée.',
    ],
    ['Never out of doors, not even for a moment.', 'Jamais dehors, même un instant.'],
    ['Logbook and tags', 'Carnet et étiquettes'],
    [
        'A tag hangs on it: do not start it. Never take off another person\'s tag.',
        'Une étiquette y pend : ne la démarrez pas. N\'ôtez jamais l\'étiquette d\'un autre.',
    ],
    ['Whoever used it last may have left a fault open.', 'Le dernier utilisateur a pu laisser une panne ouverte.'],
    ['Working with a known fault.', 'Travailler avec une panne connue.'],
    ['Level, aired, earthed', 'De niveau, aéré, à la terre'],
    [
        'Level ground, out of doors, the exhaust away from windows. Earth as the panel says, leads whole and dry.',
        'Sol plat, dehors, l\'échappement loin des fenêtres. Terre comme le dit le panneau, câbles entiers et '
            .'secs.',
    ],
    [
        'Fumes kill without a smell, current kills without a sound.',
        'Les gaz tuent sans odeur, le courant tue sans bruit.',
    ],
    ['Never feed a building without a transfer switch.', 'N\'alimentez jamais un bâtiment sans inverseur.'],
    ['Key out first', 'La clé d\'abord ôtée'],
    [
        'Before each shift look at it with the key out and in your pocket.',
        'Avant chaque poste, regardez-la la clé ôtée et dans votre poche.',
    ],
    [
        'Nobody else can start it while you are beside it.',
        'Personne d\'autre ne peut la démarrer pendant que vous êtes à côté.',
    ],
    ['Crushing and entanglement.', 'Écrasement et happement.'],
    ['Dead first', 'D\'abord morte'],
    [
        'Before each shift look at it with the engine off and the master switch off, its key in your pocket.',
        'Avant chaque poste, regardez-la moteur arrêté et coupe-circuit ouvert, sa clé dans votre poche.',
    ],
    [
        'There is no ignition key: the master switch is what keeps it dead.',
        'Il n\'y a pas de clé de contact : c\'est le coupe-circuit qui la garde morte.',
    ],
    ['Walk round it', 'En faire le tour'],
    [
        'Each shift, the same way round: leaks, wheels or tracks, pins, hoses, covers, signs. Write down what '
            .'you see.',
        'Chaque poste, toujours dans le même sens : fuites, roues ou chenilles, axes, flexibles, capots, '
            .'panneaux. Notez ce que vous voyez.',
    ],
    [
        'A fixed way makes a change visible, and nothing is left out.',
        'Un chemin fixe rend visible un changement, et rien n\'est oublié.',
    ],
    ['What is hidden at the start breaks during the shift.', 'Ce qui est caché au départ casse pendant le poste.'],
    ['Oil, cold and level', 'Huile, froide et de niveau'],
    [
        'Level ground, engine cold: oil, coolant, fuel between their marks. Each shift.',
        'Sol plat, moteur froid : huile, eau, carburant entre leurs repères. Chaque poste.',
    ],
    ['A hot or tilted engine shows a false level.', 'Un moteur chaud ou penché montre un faux niveau.'],
    [
        'Below the mark: do not start it, ring us. Never open a hot cap.',
        'Sous le repère : ne démarrez pas, appelez-nous. N\'ouvrez jamais un bouchon chaud.',
    ],
    [
        'Level ground, engine cold: oil, coolant, fuel between their marks. Exhaust fluid full each day, '
            .'whatever the gauge says: blue cap, nothing else in there.',
        'Sol plat, moteur froid : huile, eau, carburant entre leurs repères. L\'additif d\'échappement plein '
            .'chaque jour, quoi que dise la jauge : bouchon bleu, rien d\'autre dedans.',
    ],
    [
        'A hot or tilted engine shows a false level. A full fluid tank leaves no room for water.',
        'Un moteur chaud ou penché montre un faux niveau. Un réservoir d\'additif plein ne laisse pas de place à '
            .'l\'eau.',
    ],
    ['Look at the forks', 'Regarder les fourches'],
    [
        'Both hooked and locked, straight, no crack at the heel. Chains by eye where there are any.',
        'Toutes deux accrochées et verrouillées, droites, sans fissure au talon. Les chaînes à l\'œil où il y en '
            .'a.',
    ],
    ['A fork breaks at the heel, and shows it before.', 'Une fourche casse au talon, et le montre avant.'],
    ['No foot and no hand below them.', 'Ni pied ni main dessous.'],
    ['Drain the air tanks', 'Purger les réservoirs d\'air'],
    [
        'Each day, before the start: drain them until only air comes.',
        'Chaque jour, avant le départ : purgez-les jusqu\'à ce qu\'il ne vienne que de l\'air.',
    ],
    ['Water rusts the valves and freezes in them.', 'L\'eau rouille les soupapes et y gèle.'],
    ['Brakes that fade.', 'Des freins qui faiblissent.'],
    ['Isolator on', 'Coupe-circuit fermé'],
    ['Turn the isolator on. Close every cover.', 'Enclenchez le coupe-circuit. Fermez chaque capot.'],
    ['Guards keep hands away from what turns.', 'Les protections tiennent les mains loin de ce qui tourne.'],
    ['Never reach in once it is on.', 'N\'y mettez jamais la main une fois enclenché.'],
    ['Climb in', 'Monter'],
    [
        'Face the machine, three points of contact, marked steps only. Never jump.',
        'Face à la machine, trois points d\'appui, marches marquées seulement. Ne sautez jamais.',
    ],
    [
        'Two hands and a foot, or two feet and a hand, at every moment.',
        'Deux mains et un pied, ou deux pieds et une main, à chaque instant.',
    ],
    [
        'Never on arms, wheels or tracks. Most injuries are falls from the step.',
        'Jamais sur les bras, roues ou chenilles. La plupart des blessures sont des chutes de la marche.',
    ],
    ['Bar up', 'Arceau levé'],
    ['Raise the roll bar and put both pins in.', 'Levez l\'arceau et mettez les deux axes.'],
    ['It works only upright, and only with the belt on.', 'Il n\'agit que dressé, et qu\'avec la ceinture.'],
    ['Rolled over with the bar down, it crushes you.', 'Renversé, arceau baissé, il vous écrase.'],
    ['Set the seat', 'Régler le siège'],
    [
        'Sit, set the seat, try every control, correct it, try again until it fits.',
        'Asseyez-vous, réglez le siège, essayez chaque commande, corrigez, recommencez jusqu\'à ce que ce soit '
            .'juste.',
    ],
    [
        'Every control has to be in reach before anything moves.',
        'Chaque commande doit être à portée avant que rien ne bouge.',
    ],
    ['A late foot on the brake.', 'Un pied en retard sur le frein.'],
    ['Seat and mirrors', 'Siège et rétroviseurs'],
    [
        'Sit, set the seat and the mirrors, try every control, correct it, try again until it fits. Every corner '
            .'of the machine in view.',
        'Asseyez-vous, réglez siège et rétroviseurs, essayez chaque commande, corrigez, recommencez jusqu\'à ce '
            .'que ce soit juste. Chaque coin de la machine en vue.',
    ],
    [
        'Every control in reach and every corner in sight before anything moves.',
        'Chaque commande à portée et chaque coin en vue avant que rien ne bouge.',
    ],
    ['A late foot on the brake, a person not seen.', 'Un pied en retard sur le frein, une personne non vue.'],
    ['Column out of view', 'Colonne hors de vue'],
    [
        'Before you dig, swing the column out of the view of the bucket.',
        'Avant de creuser, écartez la colonne de la vue du godet.',
    ],
    ['You have to see the edge that cuts.', 'Vous devez voir l\'arête qui coupe.'],
    ['A hidden hose, cable or foot.', 'Un flexible, un câble ou un pied caché.'],
    ['Cab tidy, door shut', 'Cabine rangée, porte fermée'],
    [
        'Hat and bag behind the seat, floor clear, window latched, door shut.',
        'Casque et sac derrière le siège, plancher libre, fenêtre bloquée, porte fermée.',
    ],
    ['A bottle under a pedal is no brake.', 'Une bouteille sous une pédale n\'est pas un frein.'],
    ['A loose thing moves a lever.', 'Un objet libre bouge un levier.'],
    ['Belt on', 'Ceinture mise'],
    ['Put the belt on before anything else, tug it.', 'Mettez la ceinture avant tout le reste, tirez dessus.'],
    [
        'The structure protects only somebody who stays inside it.',
        'La structure ne protège que celui qui reste dedans.',
    ],
    ['Thrown out and crushed.', 'Éjecté et écrasé.'],
    ['Seat', 'Siège'],
    ['Sit down, feet on the plates.', 'Asseyez-vous, les pieds sur les plateaux.'],
    ['The seat switch knows whether you are there.', 'Le contact du siège sait si vous êtes là.'],
    ['Never tie the switch down: it stops the blades.', 'N\'attachez jamais le contact : il arrête les lames.'],
    ['Feet in, hand on', 'Pieds dedans, main dessus'],
    [
        'Both feet wholly inside the deck, no toe or heel over the edge. Hold the grab bar until it stands, '
            .'above all in turns.',
        'Les deux pieds entièrement sur le plateau, ni orteil ni talon au-dehors. Tenez la barre jusqu\'à '
            .'l\'arrêt, surtout dans les virages.',
    ],
    ['Posts and racking crush what sticks out.', 'Poteaux et rayonnages écrasent ce qui dépasse.'],
    ['Crushed ankles, a fall under the truck.', 'Chevilles écrasées, chute sous le chariot.'],
    ['Never jump off', 'Ne sautez jamais'],
    [
        'Stay on, even when you lose control of it. Step off when it stands.',
        'Restez dessus, même si vous en perdez le contrôle. Descendez quand il est arrêté.',
    ],
    ['Whoever jumps lands where it is going.', 'Qui saute tombe là où il va.'],
    ['Run over by the own truck.', 'Écrasé par son propre chariot.'],
    ['Leave the speed alone', 'Laisser la vitesse'],
    [
        'The speed button stays as it is: it is set to what the site allows.',
        'Le bouton de vitesse reste comme il est : il est réglé sur ce que le site permet.',
    ],
    ['Twice the speed is four times the way to stop.', 'Vitesse double, distance d\'arrêt quadruple.'],
    ['Wet or icy floor: no brake helps.', 'Sol mouillé ou gelé : aucun frein n\'aide.'],
    ['Brake, blades off', 'Frein, lames arrêtées'],
    [
        'Park brake on, neutral. Blade lever to off.',
        'Frein de stationnement mis, point mort. Levier des lames sur arrêt.',
    ],
    ['It will not start otherwise, and must not.', 'Sinon elle ne démarre pas, et ne doit pas.'],
    ['Blades that turn at the start throw stones.', 'Des lames qui tournent au démarrage projettent des pierres.'],
    ['Neutral, brake on', 'Point mort, frein mis'],
    [
        'Direction to neutral, park brake on, before you start it.',
        'Direction au point mort, frein de stationnement mis, avant de démarrer.',
    ],
    ['It must not drive off as it starts.', 'Elle ne doit pas partir en démarrant.'],
    ['Run over by a machine that nobody holds.', 'Écrasé par une machine que personne ne tient.'],
    [
        'Travel lever in neutral, park brake on, vibration off, before you start it.',
        'Levier d\'avance au point mort, frein de stationnement mis, vibration arrêtée, avant de démarrer.',
    ],
    ['Crushed under a drum.', 'Écrasé sous un cylindre.'],
    ['Shaft off', 'Prise de force arrêtée'],
    [
        'Power take-off off, levers neutral, implement on the ground, before the key.',
        'Prise de force arrêtée, leviers au point mort, outil au sol, avant la clé.',
    ],
    [
        'A shaft that turns at the start takes whoever stands there.',
        'Un arbre qui tourne au démarrage prend qui se tient là.',
    ],
    ['Entanglement: it takes a sleeve, then an arm.', 'Happement : il prend une manche, puis un bras.'],
    ['Lock the levers', 'Verrouiller les leviers'],
    [
        'Levers neutral, control lock in its locked position.',
        'Leviers au point mort, verrou des commandes en position verrouillée.',
    ],
    [
        'Which way that is stands on the label. Do not go by another machine.',
        'Dans quel sens, l\'étiquette le dit. Ne vous fiez pas à une autre machine.',
    ],
    ['The arm moves the moment the engine runs.', 'Le bras bouge dès que le moteur tourne.'],
    ['Two locks', 'Deux verrous'],
    [
        'One lever locks blade and ripper, the other locks travel. Both locked now, and each time before you '
            .'leave the seat.',
        'Un levier verrouille lame et ripper, l\'autre l\'avance. Les deux verrouillés maintenant, et chaque '
            .'fois que vous quittez le siège.',
    ],
    [
        'Which way is locked stands on the label: up is live and down is locked on most.',
        'Le sens verrouillé est sur l\'étiquette : en haut actif, en bas verrouillé sur la plupart.',
    ],
    ['One of the two still live when you get up.', 'L\'un des deux encore actif quand vous vous levez.'],
    ['Type your code', 'Taper votre code'],
    [
        'Know your four-digit code before you begin. Power on, code, confirm, ready lamp: then start.',
        'Connaissez votre code à quatre chiffres avant de commencer. Courant, code, confirmer, voyant prêt : '
            .'puis démarrez.',
    ],
    [
        'It arms itself two minutes after the engine has stopped.',
        'Il s\'arme de lui-même deux minutes après l\'arrêt du moteur.',
    ],
    [
        'Not sure of the code: do not begin. No sharp thing on the keypad.',
        'Pas sûr du code : ne commencez pas. Rien de pointu sur le clavier.',
    ],
    ['The coded key', 'La clé codée'],
    [
        'Only its own key starts it. Keep it away from other coded keys on the ring.',
        'Seule sa propre clé la démarre. Tenez-la loin d\'autres clés codées.',
    ],
    ['The machine reads the key, not the lock.', 'La machine lit la clé, pas la serrure.'],
    [
        'A key from another machine that turns starts nothing.',
        'La clé d\'une autre machine qui tourne ne démarre rien.',
    ],
    ['Five wrong codes', 'Cinq codes faux'],
    [
        'It locks. Off, on, leave it on for 15 minutes, off, on, then the right code. Ring us for the code.',
        'Elle se bloque. Arrêt, marche, laissez en marche 15 minutes, arrêt, marche, puis le bon code. '
            .'Appelez-nous pour le code.',
    ],
    ['The waiting is what clears it.', 'C\'est l\'attente qui la débloque.'],
    ['Guessing locks it again.', 'Deviner la bloque de nouveau.'],
    ['Try again in', 'Réessayer dans'],
    ['Read the lamps', 'Lire les voyants'],
    [
        'Key to the first position: every lamp lights. Wait until the test is over. Oil and charge go out only '
            .'when it runs.',
        'Clé au premier cran : tous les voyants s\'allument. Attendez la fin du test. Huile et charge ne '
            .'s\'éteignent que moteur en marche.',
    ],
    [
        'A lamp that stays dark in the test hides a dead sensor.',
        'Un voyant éteint pendant le test cache un capteur mort.',
    ],
    [
        'Oil level in the red on the display: fill up before you start. A fault that stays: do not start, ring '
            .'us.',
        'Niveau d\'huile au rouge à l\'écran : complétez avant de démarrer. Une panne qui reste : ne démarrez '
            .'pas, appelez-nous.',
    ],
    ['Lamps out in', 'Voyants éteints dans'],
    ['Wake the display', 'Réveiller l\'écran'],
    [
        'Press a button of the display: it wakes and tests itself. Every lamp lights; wait until the test is '
            .'over.',
        'Pressez un bouton de l\'écran : il se réveille et se teste. Tous les voyants s\'allument ; attendez la '
            .'fin du test.',
    ],
    [
        'Oil level in the red: fill up before you start. A fault that stays: do not start, ring us.',
        'Niveau d\'huile au rouge : complétez avant de démarrer. Une panne qui reste : ne démarrez pas, '
            .'appelez-nous.',
    ],
    ['Read the charge', 'Lire la charge'],
    [
        'Key on, wait until the display is ready and no service lamp is lit. Read the charge: at 20 % it goes on '
            .'charge.',
        'Clé mise, attendez que l\'écran soit prêt et qu\'aucun voyant de service ne brille. Lisez la charge : à '
            .'20 % elle va charger.',
    ],
    [
        'It tests itself first. An empty battery stops in the aisle or at height.',
        'Elle se teste d\'abord. Une batterie vide s\'arrête dans l\'allée ou en hauteur.',
    ],
    ['A lamp that stays: do not use it, ring us.', 'Un voyant qui reste : ne l\'utilisez pas, appelez-nous.'],
    ['Three alert levels', 'Trois niveaux d\'alerte'],
    [
        'Lamp alone: go on with attention, report it. Lamp that flashes: come to a convenient stop, find out. '
            .'Lamp and buzzer: stop at once, engine off.',
        'Voyant seul : continuez avec attention, signalez. Voyant clignotant : arrêtez-vous dès que possible, '
            .'cherchez. Voyant et sonnerie : arrêt immédiat, moteur coupé.',
    ],
    ['The machine says how long it can wait.', 'La machine dit combien elle peut attendre.'],
    [
        'Going on at the third level costs the engine, or a life.',
        'Continuer au troisième niveau coûte le moteur, ou une vie.',
    ],
    ['Preheat', 'Préchauffer'],
    ['Wait until the preheat lamp goes out.', 'Attendez que le voyant de préchauffage s\'éteigne.'],
    ['A warm chamber starts at once and smokes less.', 'Une chambre chaude démarre aussitôt et fume moins.'],
    ['Never ether: with glow plugs it explodes.', 'Jamais d\'éther : avec des bougies il explose.'],
    ['Ready in', 'Prêt dans'],
    ['Cold start', 'Démarrage à froid'],
    [
        'At 10 °C and below the starting aid works by itself. Leave it alone.',
        'À 10 °C et moins, l\'aide au démarrage agit seule. N\'y touchez pas.',
    ],
    ['It doses what the engine stands.', 'Elle dose ce que le moteur supporte.'],
    ['Never spray by hand.', 'Ne pulvérisez jamais à la main.'],
    ['Choke', 'Starter'],
    ['Pull the choke out when the engine is cold.', 'Tirez le starter quand le moteur est froid.'],
    ['A cold petrol engine needs a rich mixture.', 'Un moteur à essence froid veut un mélange riche.'],
    ['Push it in when it runs, or it fouls the plug.', 'Repoussez-le quand il tourne, sinon il encrasse la bougie.'],
    ['Horn, twice', 'Klaxon, deux fois'],
    ['Everybody away. Horn, two blasts, and look again.', 'Tous écartés. Klaxon, deux coups, et regardez encore.'],
    ['The last warning to a person beside it.', 'Le dernier avertissement à une personne à côté.'],
    ['You cannot see all of its circle from the seat.', 'Du siège vous ne voyez pas tout son cercle.'],
    ['Turn the key', 'Tourner la clé'],
    ['Turn the key to Start. Let go the moment it fires.', 'Tournez la clé sur démarrage. Lâchez dès qu\'il part.'],
    [
        'The starter heats up in seconds and needs half a minute to cool.',
        'Le démarreur chauffe en secondes et met une demi-minute à refroidir.',
    ],
    ['A longer turn burns it out. Three times and ring us.', 'Plus long le brûle. Trois fois, et appelez-nous.'],
    ['Let go in', 'Lâcher dans'],
    [
        'Never longer than 30 seconds. Then two minutes of rest.',
        'Jamais plus de 30 secondes. Puis deux minutes de repos.',
    ],
    ['Never from outside the seat.', 'Jamais de l\'extérieur du siège.'],
    ['Press start', 'Presser démarrage'],
    [
        'Code in, ready lamp lit: press Start. It cranks by itself.',
        'Code entré, voyant prêt allumé : pressez démarrage. Elle lance d\'elle-même.',
    ],
    [
        'It stops cranking by itself when it fires, or does not.',
        'Elle cesse de lancer d\'elle-même, qu\'il parte ou non.',
    ],
    ['Start at the ground', 'Démarrer au sol'],
    [
        'The first start of the day from the ground panel, with the functions tried there. Then from the '
            .'platform.',
        'Le premier démarrage du jour au poste du sol, avec les fonctions essayées là. Ensuite de la plate-forme.',
    ],
    [
        'A fault shows itself while everybody stands on the ground.',
        'Une panne se montre pendant que tous sont au sol.',
    ],
    [
        'Longer than 30 seconds burns the starter; then two minutes of rest.',
        'Plus de 30 secondes brûle le démarreur ; puis deux minutes de repos.',
    ],
    ['Start without load', 'Démarrer sans charge'],
    [
        'Breaker open, sockets empty. Start it at the panel; let it run until it is warm, then close the breaker.',
        'Disjoncteur ouvert, prises vides. Démarrez au panneau ; laissez chauffer, puis fermez le disjoncteur.',
    ],
    ['A cold engine that is loaded at once dies young.', 'Un moteur froid chargé aussitôt meurt jeune.'],
    ['Outdoors only: the exhaust kills in minutes.', 'Dehors seulement : l\'échappement tue en minutes.'],
    ['Warm in', 'Chaud dans'],
    ['Start, outlets shut', 'Démarrer, sorties fermées'],
    [
        'Outlets shut, hoses laid and their safety clips in. Start it at the panel, let it warm up, then open '
            .'slowly.',
        'Sorties fermées, flexibles posés et clips de sécurité mis. Démarrez au panneau, laissez chauffer, puis '
            .'ouvrez lentement.',
    ],
    ['Pressure comes up as it runs.', 'La pression monte en tournant.'],
    [
        'Never aim air at a person, never stand over a hose. Outdoors only.',
        'Ne visez jamais une personne avec l\'air, ne vous tenez jamais au-dessus d\'un flexible. Dehors '
            .'seulement.',
    ],
    ['Try it, ground first', 'Essayer, d\'abord au sol'],
    [
        'Each shift: every function and both stops at the ground panel first, then in the platform, low.',
        'Chaque poste : chaque fonction et les deux arrêts d\'abord au poste du sol, puis dans la plate-forme, '
            .'en bas.',
    ],
    ['A fault found at the ground hurts nobody.', 'Une panne trouvée au sol ne blesse personne.'],
    [
        'One that does not stop: key out, tag it, ring us.',
        'Une qui ne s\'arrête pas : clé ôtée, étiquette, appelez-nous.',
    ],
    ['Try it first', 'Essayer d\'abord'],
    [
        'Each shift: brake with the handle up and down, belly button, horn, lift and lower, at walking pace.',
        'Chaque poste : frein timon en haut et en bas, bouton ventral, klaxon, montée et descente, au pas.',
    ],
    ['You know it stops before you need it.', 'Vous savez qu\'il s\'arrête avant d\'en avoir besoin.'],
    ['The belly button has to throw it back from you.', 'Le bouton ventral doit le rejeter loin de vous.'],
    ['Climb in, gate shut', 'Monter, portillon fermé'],
    [
        'Both stops out, selector to platform. Climb in with three points of contact, gate shut behind you.',
        'Les deux arrêts tirés, sélecteur sur plate-forme. Montez à trois points d\'appui, portillon fermé '
            .'derrière vous.',
    ],
    [
        'Both stops have to be out, or nothing runs. The gate is part of the rail.',
        'Les deux arrêts doivent être tirés, sinon rien ne marche. Le portillon fait partie du garde-corps.',
    ],
    [
        'Somebody at the ground panel can move you while the selector stands there.',
        'Quelqu\'un au poste du sol peut vous déplacer tant que le sélecteur est là.',
    ],
    ['Only now live', 'Actif seulement maintenant'],
    [
        'Engine running, door shut, everybody clear: only now the lock to live.',
        'Moteur en marche, porte fermée, tous écartés : seulement alors le verrou sur actif.',
    ],
    ['Until then no lever can do anything.', 'Jusque-là aucun levier ne peut rien.'],
    ['The first lever moves it at once.', 'Le premier levier la bouge aussitôt.'],
    ['Warm up', 'Chauffer'],
    [
        'Idle three minutes. Then move each function slowly, once, to its ends.',
        'Ralenti trois minutes. Puis bougez chaque fonction lentement, une fois, jusqu\'à ses bouts.',
    ],
    [
        'Warm oil has to reach every ram; longer in frost.',
        'L\'huile chaude doit atteindre chaque vérin ; plus long par gel.',
    ],
    ['A burst hose, and an arm that jerks.', 'Un flexible crevé, et un bras qui saute.'],
    [
        'Idle three minutes. Then lift, lower, tilt and steer slowly, once.',
        'Ralenti trois minutes. Puis levez, baissez, inclinez et dirigez lentement, une fois.',
    ],
    ['A load on cold oil jerks.', 'Une charge sur huile froide saute.'],
    ['Let it idle for two minutes.', 'Laissez au ralenti deux minutes.'],
    ['Oil has to reach the top of the engine.', 'L\'huile doit atteindre le haut du moteur.'],
    ['Not in a shed: the exhaust kills.', 'Pas dans un hangar : l\'échappement tue.'],
    ['Foot on the brake', 'Pied sur le frein'],
    ['Foot on the brake, then let the hand brake go.', 'Pied sur le frein, puis lâchez le frein à main.'],
    ['It rolls the moment the brake is off.', 'Elle roule dès que le frein est lâché.'],
    ['Runaway on the first slope.', 'Emballement à la première pente.'],
    ['The park button', 'Le bouton de stationnement'],
    [
        'Foot on the brake, push the park-brake button to release. Neutral holds it only while you sit there; to '
            .'leave, pull the button.',
        'Pied sur le frein, poussez le bouton pour lâcher. Le point mort ne tient que tant que vous êtes assis ; '
            .'pour partir, tirez le bouton.',
    ],
    ['At each start the brake is on by itself.', 'À chaque démarrage le frein est mis de lui-même.'],
    ['It rolls with nobody aboard.', 'Elle roule sans personne à bord.'],
    ['Try the brake', 'Essayer le frein'],
    ['Brake at walking pace before you reach the work.', 'Freinez au pas avant d\'arriver au travail.'],
    ['You know the brake before the first slope.', 'Vous connaissez le frein avant la première pente.'],
    ['No bite, or it pulls: stop, park, ring us.', 'Il ne mord pas, ou tire : arrêtez, garez, appelez-nous.'],
    ['Try travel and stop', 'Essayer avance et arrêt'],
    [
        'Drive a length at crawl, both ways, and let go: it has to stop by itself.',
        'Roulez une longueur au plus lent, dans les deux sens, et lâchez : elle doit s\'arrêter d\'elle-même.',
    ],
    ['You know how it stops before the first slope.', 'Vous savez comment elle s\'arrête avant la première pente.'],
    ['It creeps, or turns by itself: stop, ring us.', 'Elle rampe, ou tourne d\'elle-même : arrêtez, appelez-nous.'],
    ['Heard and seen', 'Entendu et vu'],
    [
        'Horn, alarm, lights, steering: each once, before you leave the place.',
        'Klaxon, alarme, feux, direction : chacun une fois, avant de quitter la place.',
    ],
    ['Others have to hear and see you.', 'Les autres doivent vous entendre et vous voir.'],
    ['Struck by a machine that reverses.', 'Heurté par une machine qui recule.'],
    ['Which way it goes', 'Dans quel sens'],
    [
        'Direction by the thumb wheel on the stick, standing. The same stick lifts, lowers, extends and '
            .'retracts: try each, slowly.',
        'Direction à la molette du manche, à l\'arrêt. Le même manche lève, baisse, sort et rentre : essayez '
            .'chacun, lentement.',
    ],
    ['You want to know before there is a load on it.', 'Mieux vaut le savoir avant qu\'il y ait une charge.'],
    ['Changing direction while it rolls throws the load.', 'Changer de sens en roulant projette la charge.'],
    ['On the road', 'Sur la route'],
    [
        'Before you drive on a road: working hydraulics locked, front-wheel steering, implement low and in, '
            .'lights on.',
        'Avant de rouler sur une route : hydraulique de travail verrouillée, direction avant, outil bas et '
            .'rentré, feux allumés.',
    ],
    [
        'A nudged lever must not swing anything into the traffic.',
        'Un levier effleuré ne doit rien balancer dans la circulation.',
    ],
    ['An implement that drops or swings.', 'Un outil qui tombe ou balance.'],
    ['Steering modes', 'Modes de direction'],
    [
        'Front wheels for the road, all wheels for tight turns, crab to place exactly. Wheels straight before '
            .'you change.',
        'Roues avant pour la route, toutes pour les virages serrés, crabe pour placer juste. Roues droites avant '
            .'de changer.',
    ],
    ['Changed on the turn, the wheels no longer agree.', 'Changé en virage, les roues ne s\'accordent plus.'],
    ['The rear swings out where you do not look.', 'L\'arrière déborde là où vous ne regardez pas.'],
    ['Which way it drives', 'Dans quel sens elle roule'],
    [
        'Turned over the rear, drive and steer are reversed: look at the arrows on chassis and panel, then move '
            .'a hand\'s width.',
        'Tournée sur l\'arrière, avance et direction sont inversées : regardez les flèches du châssis et du '
            .'pupitre, puis avancez d\'une main.',
    ],
    ['The arrows tell, not the habit.', 'Les flèches le disent, pas l\'habitude.'],
    ['It drives where nobody looks.', 'Elle roule où personne ne regarde.'],
    ['Modes', 'Modes'],
    [
        'Economy fits most work; power where it is needed. Choose engine and travel speed. Look at what the last '
            .'driver stored.',
        'L\'économie suffit le plus souvent ; la puissance où il faut. Choisissez moteur et vitesse. Regardez ce '
            .'que le dernier a laissé.',
    ],
    [
        'Fuel and wear, and no surprise from a setting that is not yours.',
        'Carburant et usure, et pas de surprise d\'un réglage qui n\'est pas le vôtre.',
    ],
    [
        'Change gear or shift mode only in neutral, standing.',
        'Changez de rapport ou de mode au point mort, à l\'arrêt.',
    ],
    ['Which stick does what', 'Quel manche fait quoi'],
    [
        'Right stick: boom and bucket. Left stick: swing and arm. Try each, slowly; the pattern may be another '
            .'on this one.',
        'Manche droit : flèche et godet. Manche gauche : rotation et bras. Essayez chacun, lentement ; le schéma '
            .'peut différer ici.',
    ],
    ['Two patterns are in use, and the label says which.', 'Deux schémas existent, et l\'étiquette dit lequel.'],
    ['The arm that swings where you did not mean.', 'Le bras qui balance où vous ne vouliez pas.'],
    ['One button, two things', 'Un bouton, deux choses'],
    [
        'Short: the retarder, its lamp stands steady. Held: the speed limit, its lamp flashes and a mark stands '
            .'on the speed dial. Hold again to leave it.',
        'Court : le ralentisseur, son voyant fixe. Maintenu : la limite de vitesse, son voyant clignote et une '
            .'marque est sur le cadran. Maintenez encore pour la quitter.',
    ],
    [
        'Both slow you down, and only one of them holds on a descent.',
        'Les deux vous ralentissent, et un seul tient dans une descente.',
    ],
    ['The wrong one changed before a slope.', 'Le mauvais changé avant une pente.'],
    ['The levers', 'Les leviers'],
    [
        'Direction lever: neutral, forward, reverse; twist it for the gear. One lever tips the bucket, the other '
            .'lifts the arms: try each, low.',
        'Levier de sens : point mort, avant, arrière ; tournez-le pour le rapport. Un levier bascule le godet, '
            .'l\'autre lève les bras : essayez chacun, bas.',
    ],
    ['You want to know before the first pile.', 'Mieux vaut le savoir avant le premier tas.'],
    ['Direction is changed standing, or at crawl.', 'Le sens se change à l\'arrêt, ou au plus lent.'],
    ['Squeeze, then move', 'Serrer, puis bouger'],
    [
        'Squeeze the grip, then the stick: forward, back, left, right. Let go and everything stops.',
        'Serrez la poignée, puis le manche : avant, arrière, gauche, droite. Lâchez et tout s\'arrête.',
    ],
    ['Whoever lets go stops it.', 'Qui lâche l\'arrête.'],
    ['It runs on a hand\'s width: allow for it.', 'Elle court encore d\'une main : comptez-la.'],
    ['Foot, then move', 'Pied, puis bouger'],
    [
        'Press the foot switch, then one control, slowly. Take the foot off and everything stops.',
        'Pressez la pédale, puis une commande, lentement. Ôtez le pied et tout s\'arrête.',
    ],
    ['Whoever steps off stops it.', 'Qui lève le pied l\'arrête.'],
    ['Never wedge it: it is what stops you.', 'Ne la calez jamais : c\'est elle qui vous arrête.'],
    ['Travel levers', 'Leviers d\'avance'],
    [
        'Both alike: straight. Unlike: it turns. Choose the travel speed before you go, slow near people and '
            .'edges.',
        'Pareils : droit. Différents : elle tourne. Choisissez la vitesse avant de partir, lente près des gens '
            .'et des bords.',
    ],
    [
        'Travel follows the idler end, however the house is turned.',
        'L\'avance suit le côté des roues folles, quel que soit le sens de la tourelle.',
    ],
    ['Turned round, forward is backward.', 'Tournée, l\'avant est l\'arrière.'],
    ['The body button', 'Le bouton de benne'],
    [
        'One press shakes, two tip by themselves, three spread. Leave it off unless you want that.',
        'Une pression secoue, deux basculent seules, trois épandent. N\'y touchez pas sinon.',
    ],
    ['One press more is another programme.', 'Une pression de plus est un autre programme.'],
    ['The body moves without being asked.', 'La benne bouge sans être demandée.'],
    ['The spare brake', 'Le frein de réserve'],
    [
        'The lever beside the seat is park brake and spare brake in one: pull it evenly if the pedal fails.',
        'Le levier à côté du siège est frein de stationnement et de réserve : tirez-le régulièrement si la '
            .'pédale lâche.',
    ],
    ['It is the second way to stop.', 'C\'est la deuxième façon d\'arrêter.'],
    ['Pulled at speed, it locks the wheels.', 'Tiré en vitesse, il bloque les roues.'],
    ['Drive or lift', 'Rouler ou lever'],
    [
        'Mode switch to lift, squeeze, push up, pull down. Back to drive before you move off.',
        'Mode sur lever, serrez, poussez pour monter, tirez pour descendre. Revenez sur rouler avant de partir.',
    ],
    ['The same stick does both.', 'Le même manche fait les deux.'],
    ['The wrong mode moves you where you did not mean.', 'Le mauvais mode vous mène où vous ne vouliez pas.'],
    ['Dig within reach', 'Creuser à portée'],
    [
        'Sprockets at the rear while you dig. Keep clear of your own cab and tracks with the bucket.',
        'Barbotins à l\'arrière en creusant. Le godet loin de votre cabine et de vos chenilles.',
    ],
    [
        'The tracks pull where they are strong, and drives stay out of the blows.',
        'Les chenilles tirent où elles sont fortes, et les réducteurs restent hors des coups.',
    ],
    ['Over the side on a slope it tips.', 'Par le côté sur une pente elle bascule.'],
    ['First in the open', 'D\'abord à découvert'],
    [
        'New people learn in the open, in slow mode, before they drive in an aisle.',
        'Les nouveaux apprennent à découvert, en mode lent, avant de rouler dans une allée.',
    ],
    ['Racks forgive nothing.', 'Les rayonnages ne pardonnent rien.'],
    ['Hands between rail and rack.', 'Mains entre garde-corps et rayonnage.'],
    ['How it stops', 'Comment il s\'arrête'],
    [
        'Travel lever to the middle slows and stops it. Vibration on only while it rolls, off before it stands.',
        'Levier d\'avance au milieu ralentit et arrête. Vibration seulement en roulant, arrêtée avant l\'arrêt.',
    ],
    ['Standing vibration digs a hole, and shakes you.', 'Vibrer à l\'arrêt creuse un trou et vous secoue.'],
    ['On a slope it slides like a sledge.', 'Sur une pente il glisse comme une luge.'],
    ['Count the load', 'Compter la charge'],
    [
        'People, tools, goods and what is built on, added up: never above the plate. The number of people has '
            .'its own limit.',
        'Gens, outils, matériel et ce qui est monté, additionnés : jamais plus que la plaque. Le nombre de gens '
            .'a sa propre limite.',
    ],
    ['The plate is for all of it together.', 'La plaque vaut pour tout ensemble.'],
    ['Overload, collapse, tilt.', 'Surcharge, effondrement, bascule.'],
    ['Who brings you down', 'Qui vous descend'],
    [
        'A person by name stays at the ground and lowers it now, once, with the emergency lowering.',
        'Une personne, par son nom, reste au sol et la descend maintenant, une fois, par la descente de secours.',
    ],
    ['Trapped up there, only they can bring you down.', 'Coincé là-haut, elle seule peut vous descendre.'],
    ['Nobody at the ground who can: you do not go up.', 'Personne au sol qui sait : vous ne montez pas.'],
    ['The crush alarm', 'L\'alarme d\'écrasement'],
    [
        'Read its own guide, look at it each day, see its self-test. Three long and three short tones: out of '
            .'service.',
        'Lisez son propre guide, regardez-la chaque jour, voyez son test. Trois sons longs et trois courts : '
            .'hors service.',
    ],
    [
        'It stops the platform when you are pressed against the panel.',
        'Elle arrête la plate-forme quand vous êtes pressé contre le pupitre.',
    ],
    [
        'It is the last help, not a way to work near steel.',
        'C\'est le dernier secours, pas une façon de travailler près de l\'acier.',
    ],
    ['Tell those below', 'Dire à ceux d\'en bas'],
    [
        'A steady tone for more than ten seconds: somebody is pinned. Lower the platform from the ground, at '
            .'once.',
        'Un son continu de plus de dix secondes : quelqu\'un est coincé. Descendez la plate-forme du sol, '
            .'aussitôt.',
    ],
    [
        'Those on the ground do not know the sound unless you tell them.',
        'Ceux du sol ne connaissent pas le son si vous ne le leur dites pas.',
    ],
    ['Minutes decide.', 'Les minutes décident.'],
    ['Forks before you move', 'Fourches avant de partir'],
    [
        'Forks 10 to 15 cm up, load against the backrest, tips a little back; then move off.',
        'Fourches à 10 à 15 cm, charge contre le dosseret, pointes un peu en arrière ; puis partez.',
    ],
    ['Low and tilted back, a load stands.', 'Basse et inclinée, une charge tient.'],
    ['Tip-over, a load that falls.', 'Renversement, charge qui tombe.'],
    ['Shields on', 'Protecteurs mis'],
    [
        'Every shield of the shaft on and whole. Engine off before you step near it.',
        'Chaque protecteur de l\'arbre mis et entier. Moteur arrêté avant d\'approcher.',
    ],
    ['A bare shaft takes a sleeve in a blink.', 'Un arbre nu prend une manche en un clin d\'œil.'],
    ['Nobody is pulled out of a turning shaft.', 'Personne n\'est tiré d\'un arbre qui tourne.'],
    ['Blades on', 'Lames en marche'],
    [
        'Nobody within throwing distance, chute on. Then engage the blades.',
        'Personne à portée de projection, goulotte mise. Puis embrayez les lames.',
    ],
    ['They throw stones as far as a road is wide.', 'Elles jettent des pierres aussi loin qu\'une route est large.'],
    ['Leave the seat only when the blades have stopped.', 'Ne quittez le siège que lames arrêtées.'],
    ['Legs out, look up', 'Pieds sortis, regard en haut'],
    [
        'Outriggers out, tower level, look up. Only then raise the mast.',
        'Stabilisateurs sortis, mât d\'aplomb, regardez en haut. Alors seulement levez le mât.',
    ],
    ['A mast on a slope falls the way it leans.', 'Un mât en pente tombe du côté où il penche.'],
    ['Near lines it stays down.', 'Près des lignes il reste baissé.'],
    ['Warm it through', 'La chauffer entièrement'],
    [
        'In frost: ice off steps, glass and lamps. Warm up twice as long, each function slowly through its way.',
        'Par gel : ôtez la glace des marches, vitres et feux. Chauffez deux fois plus, chaque fonction lentement '
            .'jusqu\'au bout.',
    ],
    ['Cold oil is thick, and cold seals leak.', 'L\'huile froide est épaisse, et les joints froids fuient.'],
    ['Ice on a step is the first fall of the day.', 'La glace sur une marche est la première chute du jour.'],
    ['Somebody is hurt', 'Quelqu\'un est blessé'],
    [
        'Stop everything, keep others out of danger, ring 911. Then ring us.',
        'Arrêtez tout, éloignez les autres du danger, appelez le 911. Puis appelez-nous.',
    ],
    ['Help comes sooner than we do.', 'Les secours viennent plus vite que nous.'],
    [
        'Where a line was touched: nobody goes near before its owner says so.',
        'Si une ligne a été touchée : personne n\'approche avant que son propriétaire le dise.',
    ],
    [
        'Stop everything, keep others out of danger, ring 999. Then ring us.',
        'Arrêtez tout, éloignez les autres du danger, appelez le 999. Puis appelez-nous.',
    ],
    [
        'Stop everything, keep others out of danger, ring 112. Then ring us.',
        'Arrêtez tout, éloignez les autres du danger, appelez le 112. Puis appelez-nous.',
    ],
    ['Ring us', 'Appelez-nous'],
    [
        'Anything odd, however small: stop and ring us.',
        'Tout ce qui est étrange, même petit : arrêtez et appelez-nous.',
    ],
    ['Small faults grow during a shift.', 'De petites pannes grandissent pendant un poste.'],
    ['Do not judge a leak or a cut hose yourself.', 'Ne jugez pas vous-même une fuite ou un flexible coupé.'],
    ['Only for its purpose', 'Seulement pour son usage'],
    [
        'Only for what it was built for. Never lift people with it, never take a passenger.',
        'Seulement pour ce pour quoi elle est faite. Ne levez jamais de gens avec, ne prenez jamais de passager.',
    ],
    ['Its limits were worked out for its own work.', 'Ses limites sont calculées pour son propre travail.'],
    [
        'What lifts goods is no platform for people.',
        'Ce qui lève des marchandises n\'est pas une plate-forme pour les gens.',
    ],
    ['No crane', 'Pas une grue'],
    [
        'It lifts people and their tools. Never hang a load on it, never tie it to a building.',
        'Elle lève des gens et leurs outils. N\'y pendez jamais une charge, ne l\'attachez jamais à un bâtiment.',
    ],
    ['Its limits are for what stands inside the rails.', 'Ses limites valent pour ce qui est entre les garde-corps.'],
    ['What hangs outside tips it.', 'Ce qui pend dehors la bascule.'],
    ['Overhead lines', 'Lignes aériennes'],
    [
        'Keep away by the distance of your law and the network\'s owner; voltage unknown: the largest. Current '
            .'jumps without a touch.',
        'Restez à la distance de votre loi et du propriétaire ; tension inconnue : la plus grande. Le courant '
            .'saute sans contact.',
    ],
    ['Air is no insulation near enough.', 'L\'air n\'isole pas assez près.'],
    [
        'If it touched: stay in, warn others, move off it. Leave only from fire, jumping clear with both feet '
            .'together.',
        'Si elle a touché : restez dedans, prévenez, éloignez-vous de la ligne. Ne quittez qu\'en cas de feu, en '
            .'sautant loin, pieds joints.',
    ],
    ['What lies below', 'Ce qu\'il y a dessous'],
    [
        'Before you dig: plans, a scan, trial holes by hand. Near a cable or pipe dig by hand, never by bucket.',
        'Avant de creuser : plans, détecteur, sondages à la main. Près d\'un câble ou d\'un tuyau creusez à la '
            .'main, jamais au godet.',
    ],
    ['Cables and pipes lie where no plan shows them.', 'Câbles et tuyaux passent où aucun plan ne les montre.'],
    [
        'Struck one: out, everybody away, no flame, ring its owner.',
        'Un touché : dehors, tous loin, pas de flamme, appelez son propriétaire.',
    ],
    [
        'Ring 811 some days before. Dig only between fresh marks; near a mark by hand, never by bucket.',
        'Appelez le 811 quelques jours avant. Creusez seulement entre des marques fraîches ; près d\'une marque '
            .'à la main, jamais au godet.',
    ],
    [
        'Struck one: out, everybody away, no flame, ring its owner and 911.',
        'Un touché : dehors, tous loin, pas de flamme, appelez son propriétaire et le 911.',
    ],
    ['Walkers and machines', 'Piétons et machines'],
    [
        'Walkers on a way of their own, fenced off. Signs are only an addition. Machine in work: nobody in its '
            .'circle.',
        'Les piétons sur leur propre chemin, clôturé. Les panneaux ne font que s\'ajouter. Machine au travail : '
            .'personne dans son cercle.',
    ],
    ['Where both share a way, somebody is run over.', 'Où les deux partagent un chemin, quelqu\'un est écrasé.'],
    ['The one you did not see is the one behind you.', 'Celui que vous n\'avez pas vu est derrière vous.'],
    ['Reversing', 'Reculer'],
    [
        'Plan the place so that nobody has to reverse; else a closed area; only then a signaller and every aid '
            .'that it has.',
        'Prévoyez la place pour que personne n\'ait à reculer ; sinon une zone fermée ; seulement alors un guide '
            .'et toutes ses aides.',
    ],
    ['What is not reversed runs nobody over.', 'Ce qui ne recule pas n\'écrase personne.'],
    ['Lost sight of the signaller: stop.', 'Le guide hors de vue : arrêtez.'],
    ['No aid alone', 'Aucune aide seule'],
    [
        'Use every aid, never one alone. Mirrors show little, convex ones more and smaller; a camera is blind in '
            .'low sun and dirt.',
        'Utilisez chaque aide, jamais une seule. Les rétroviseurs montrent peu, les convexes plus et plus petit '
            .'; une caméra est aveugle au soleil bas et à la saleté.',
    ],
    ['Each has its own blind place.', 'Chacune a son propre angle mort.'],
    [
        'A camera in the wrong mode shows the wrong distance; a radar turned down misses who stands close.',
        'Une caméra dans le mauvais mode montre une fausse distance ; un radar baissé manque qui est tout près.',
    ],
    ['Blind places', 'Angles morts'],
    [
        'A pick-up beside or behind it is out of your sight. Nobody comes near before you have stopped and '
            .'answered.',
        'Une camionnette à côté ou derrière est hors de votre vue. Personne n\'approche avant que vous ayez '
            .'arrêté et répondu.',
    ],
    ['The ground is visible only some lengths away.', 'Le sol n\'est visible qu\'à quelques longueurs.'],
    ['Crushed without you noticing.', 'Écrasé sans que vous le remarquiez.'],
    ['After dark', 'La nuit tombée'],
    [
        'Lamps on, the place lit evenly, nobody in the shadow of the machine. Slower than by day.',
        'Feux allumés, la place éclairée également, personne dans l\'ombre de la machine. Plus lent que de jour.',
    ],
    ['What the lamps do not reach is not seen.', 'Ce que les feux n\'atteignent pas ne se voit pas.'],
    ['A lamp that fails stops the work.', 'Un feu qui lâche arrête le travail.'],
    ['Never lean out', 'Ne jamais se pencher'],
    [
        'Never lean out of the window with the engine on. Lock, then look.',
        'Ne vous penchez jamais par la fenêtre moteur en marche. Verrouillez, puis regardez.',
    ],
    ['A lever is next to your hip.', 'Un levier est à côté de votre hanche.'],
    ['Between boom and cab there is no room.', 'Entre flèche et cabine il n\'y a pas de place.'],
    ['Nobody in the joint', 'Personne dans l\'articulation'],
    [
        'Nobody steps into the joint while the engine is on; for work there the lock bar is in.',
        'Personne n\'entre dans l\'articulation moteur en marche ; pour y travailler, la barre de blocage est '
            .'mise.',
    ],
    ['It closes when you steer.', 'Elle se ferme quand vous tournez.'],
    ['Cut in two.', 'Coupé en deux.'],
    [
        'Nobody steps between the drums while the engine is on.',
        'Personne n\'entre entre les cylindres moteur en marche.',
    ],
    ['Crushed between the frames.', 'Écrasé entre les châssis.'],
    ['The ground changes', 'Le sol change'],
    [
        'Wet or thawing ground changes during the day: look again. Away from edges; a berm warns and holds '
            .'nothing.',
        'Un sol mouillé ou qui dégèle change dans la journée : regardez encore. Loin des bords ; un merlon '
            .'avertit et ne retient rien.',
    ],
    ['What carried in the morning need not carry at noon.', 'Ce qui portait le matin peut ne plus porter à midi.'],
    ['The edge breaks under the wheel, not in front of it.', 'Le bord casse sous la roue, pas devant.'],
    ['Slopes', 'Pentes'],
    [
        'Straight up and straight down, never across, never turn on it. The steepest it may take stands in the '
            .'manual; wet, it is less.',
        'Droit en montée et droit en descente, jamais en travers, jamais y tourner. La plus forte est dans le '
            .'manuel ; mouillée, c\'est moins.',
    ],
    ['Across, it slides or rolls before it warns.', 'En travers, elle glisse ou roule avant d\'avertir.'],
    ['Feel unsure: do not go, ring us.', 'Un doute : n\'y allez pas, appelez-nous.'],
    ['Loaded on a slope', 'Chargé dans la pente'],
    [
        'Loaded: drive up, reverse down. Empty: reverse up, drive down. Bucket low; the raised one overturns it '
            .'sideways.',
        'Chargé : montez en avant, descendez en arrière. Vide : montez en arrière, descendez en avant. Godet bas '
            .'; levé il la renverse de côté.',
    ],
    ['The weight belongs uphill.', 'Le poids va vers l\'amont.'],
    ['Tipping downhill it is less stable: avoid it.', 'Basculer vers l\'aval est moins stable : évitez.'],
    ['Read the plate', 'Lire la plaque'],
    [
        'Weight, load centre, height, attachment: the plate for this combination. An attachment lowers it.',
        'Poids, centre de charge, hauteur, accessoire : la plaque de cet ensemble. Un accessoire la réduit.',
    ],
    ['A longer load weighs more than it weighs.', 'Une charge plus longue pèse plus qu\'elle ne pèse.'],
    ['It lifts it, and tips at the top.', 'Il la lève, et bascule en haut.'],
    ['Bucket low', 'Godet bas'],
    [
        'On the way the bucket is low and tucked in, 30 to 40 cm up. Never reverse, turn and lower all at once.',
        'En route le godet est bas et replié, à 30 à 40 cm. Jamais reculer, tourner et baisser à la fois.',
    ],
    ['The three together have turned loaders over.', 'Les trois ensemble ont renversé des chargeuses.'],
    ['A raised bucket hides who stands before it.', 'Un godet levé cache qui est devant.'],
    ['Know the load', 'Connaître la charge'],
    [
        'Balanced, strapped or wrapped to its pallet; loose goods are restacked. Heavy and off its middle takes '
            .'most of the reserve; odd shapes shift it.',
        'Équilibrée, sanglée ou filmée sur sa palette ; le vrac se réempile. Lourde et décentrée prend presque '
            .'toute la réserve ; une forme étrange la déplace.',
    ],
    ['What is not tied together comes off one by one.', 'Ce qui n\'est pas lié tombe un à un.'],
    ['A load over the backrest falls on you.', 'Une charge au-dessus du dosseret tombe sur vous.'],
    ['People and stones', 'Gens et pierres'],
    [
        'Nobody within throwing distance, no child, no passenger. Pick up what lies about. Blades off to cross a '
            .'path.',
        'Personne à portée de projection, pas d\'enfant, pas de passager. Ramassez ce qui traîne. Lames arrêtées '
            .'pour traverser un chemin.',
    ],
    ['A stone leaves the deck like a shot.', 'Une pierre sort du carter comme une balle.'],
    [
        'Never lift the chute, never reach in: blades off, key out.',
        'Ne levez jamais la goulotte, n\'y mettez jamais la main : lames arrêtées, clé ôtée.',
    ],
    ['Pull from the drawbar', 'Tirer à la barre'],
    [
        'Pull only from the drawbar, never higher. Ballast as the implement asks, loader low on the way.',
        'Ne tirez qu\'à la barre, jamais plus haut. Lestage comme l\'outil le veut, chargeur bas en route.',
    ],
    ['Pulled high, it climbs over its rear axle.', 'Tiré trop haut, il se cabre sur l\'essieu arrière.'],
    ['It is over in a second and a half.', 'C\'est fini en une seconde et demie.'],
    ['Power and people', 'Courant et gens'],
    [
        'Leads whole, dry, uncoiled; residual-current switch tested each day. Wet hands off. Never fill it while '
            .'it runs.',
        'Câbles entiers, secs, déroulés ; disjoncteur différentiel essayé chaque jour. Pas de mains mouillées. '
            .'Ne faites jamais le plein en marche.',
    ],
    ['A coiled lead heats, a cut one kills.', 'Un câble enroulé chauffe, un câble coupé tue.'],
    [
        'Switch trips: find out why before you close it.',
        'Le disjoncteur saute : cherchez pourquoi avant de le fermer.',
    ],
    ['Air and hoses', 'Air et flexibles'],
    [
        'Safety clip in each coupling, whip check on each hose. Valve shut and hose empty before you undo it. '
            .'Glasses on.',
        'Clip de sécurité à chaque raccord, câble antifouet à chaque flexible. Vanne fermée et flexible vide '
            .'avant de défaire. Lunettes mises.',
    ],
    ['A hose that comes off beats about.', 'Un flexible qui lâche fouette.'],
    ['Air under the skin is a case for the hospital.', 'De l\'air sous la peau est un cas d\'hôpital.'],
    ['After a change', 'Après un changement'],
    [
        'Get out, see and touch both latches, then press it on the ground near you. Level ground, pressure out, '
            .'only what fits this machine.',
        'Descendez, voyez et touchez les deux verrous, puis pressez-le au sol près de vous. Sol plat, pression '
            .'ôtée, seulement ce qui va à cette machine.',
    ],
    ['From the seat it looks latched when it is not.', 'Du siège il semble verrouillé quand il ne l\'est pas.'],
    ['Attachments that came off have killed.', 'Des accessoires tombés ont tué.'],
    ['Know where it goes', 'Savoir où elle va'],
    [
        'Before you lift: the way, the place, what it stands on. Look up for lights, pipes, sprinklers. Floor '
            .'load and headroom as the signs say.',
        'Avant de lever : le chemin, la place, ce qui la porte. Regardez en haut : lampes, tuyaux, arroseurs. '
            .'Charge du sol et hauteur comme le disent les panneaux.',
    ],
    ['With the load up it is late to look.', 'La charge en haut, il est tard pour regarder.'],
    ['A sprinkler floods, a pipe falls.', 'Un arroseur inonde, un tuyau tombe.'],
    ['Lamps are orders', 'Les voyants ordonnent'],
    [
        'Raise lamp: raise until it is out. Retract lamp: retract, then lower. Tilt lamp: lower, to firm level '
            .'ground. Level lamp: the switch works only toward level.',
        'Voyant lever : levez jusqu\'à extinction. Voyant rentrer : rentrez, puis baissez. Voyant de dévers : '
            .'baissez, vers un sol ferme et plat. Voyant de niveau : le contacteur n\'agit que vers le niveau.',
    ],
    ['They say what brings you back inside.', 'Ils disent ce qui vous ramène dedans.'],
    ['Against them it tips.', 'Contre eux elle bascule.'],
    ['The tilt alarm', 'L\'alarme de dévers'],
    [
        'Tilt alarm: lower at once, then to firm, level ground.',
        'Alarme de dévers : baissez aussitôt, puis sur un sol ferme et plat.',
    ],
    ['It has to stand level before it stands high.', 'Elle doit être de niveau avant d\'être haute.'],
    ['Sideways, and there is no second warning.', 'De côté, et sans second avertissement.'],
    ['Wet grass', 'Herbe mouillée'],
    [
        'Wet grass slides: not on slopes. Slow before you turn, blades up over kerbs.',
        'L\'herbe mouillée glisse : pas en pente. Ralentissez avant de tourner, lames levées sur les bordures.',
    ],
    ['Tyres on wet grass are sledges.', 'Des pneus sur herbe mouillée sont des luges.'],
    ['Water and edges: two widths away.', 'Eau et bords : deux largeurs de distance.'],
    ['Wind and mast', 'Vent et mât'],
    [
        'Above the wind on its plate: mast down. Never move it with the mast up.',
        'Au-delà du vent de sa plaque : mât baissé. Ne le déplacez jamais mât levé.',
    ],
    ['The mast is a sail.', 'Le mât est une voile.'],
    [
        'Lamps are hot for minutes: let them cool before you lower.',
        'Les lampes sont chaudes des minutes : laissez-les refroidir avant de baisser.',
    ],
    ['The right bucket', 'Le bon godet'],
    [
        'Only the bucket that is rated for this machine and this material.',
        'Seulement le godet prévu pour cette machine et cette matière.',
    ],
    ['A larger one takes stability and view.', 'Un plus grand prend stabilité et vue.'],
    ['It lifts it, and falls over with it.', 'Il la lève, et tombe avec.'],
    ['Pick it up', 'La prendre'],
    [
        'Square on, stop a foot away, people clear. Forks as wide as the load allows, flat, down and fully '
            .'under. Lift, tilt a little, look over both shoulders, back out.',
        'De face, arrêt à un pied, gens écartés. Fourches aussi larges que la charge le permet, à plat, baissées '
            .'et dessous entièrement. Levez, inclinez un peu, regardez des deux côtés, reculez.',
    ],
    ['Half under is half held.', 'À moitié dessous est à moitié tenu.'],
    ['Nobody beside it while it lifts.', 'Personne à côté pendant la levée.'],
    ['Feet on the floor', 'Les pieds au plancher'],
    [
        'Both feet on the floor of the platform. No rail to climb, no box, no plank, no ladder. Never get off up '
            .'there.',
        'Les deux pieds sur le plancher de la plate-forme. Pas de garde-corps à grimper, ni caisse, ni planche, '
            .'ni échelle. Ne sortez jamais en haut.',
    ],
    [
        'The rails are right for who stands on the floor.',
        'Les garde-corps sont justes pour qui se tient au plancher.',
    ],
    ['Over the rail.', 'Par-dessus le garde-corps.'],
    ['Clipped on', 'Attaché'],
    [
        'Clipped to the marked anchor before it moves, unclipped when it is down.',
        'Attaché au point marqué avant qu\'elle bouge, détaché quand elle est en bas.',
    ],
    [
        'A wheel in a hole throws whoever stands in the basket.',
        'Une roue dans un trou projette qui est dans le panier.',
    ],
    ['Thrown out.', 'Éjecté.'],
    ['Tipping at an edge', 'Vider à un bord'],
    [
        'At an edge or a trench: a berm or a barrier as a mark, and never trust it. Tip short, push over later.',
        'À un bord ou une tranchée : un merlon ou une barrière pour repère, et ne s\'y fier jamais. Videz avant, '
            .'poussez après.',
    ],
    ['A berm of loose earth stops no machine.', 'Un merlon de terre meuble n\'arrête aucune machine.'],
    ['Down with the edge.', 'En bas avec le bord.'],
    ['Put it down', 'La poser'],
    [
        'Look for room and people, stop a foot away, raise it standing, in, level, lower until the forks are '
            .'free. Straight out, then back to travel height.',
        'Cherchez place et gens, arrêt à un pied, levez à l\'arrêt, entrez, de niveau, baissez jusqu\'à fourches '
            .'libres. Droit en arrière, puis à hauteur de route.',
    ],
    ['Forks that are not free drag it along.', 'Des fourches non libres l\'entraînent.'],
    ['Never raise on the way there.', 'Ne levez jamais en y allant.'],
    ['Push, pull, wind', 'Pousser, tirer, vent'],
    [
        'Push and pull by hand only as far as the plate says. Sheets and panels catch wind. Above the limit: '
            .'down.',
        'Poussez et tirez à la main seulement comme le dit la plaque. Plaques et panneaux prennent le vent. '
            .'Au-delà : en bas.',
    ],
    ['Up there a little push is a long lever.', 'Là-haut une petite poussée est un long levier.'],
    ['Tipped by a board.', 'Basculé par une planche.'],
    ['Loading a lorry', 'Charger un camion'],
    [
        'Driver in the cab or in a marked place. Firm, level ground. Even load, never over the cab; small ones '
            .'are full soon.',
        'Chauffeur en cabine ou à une place marquée. Sol ferme et plat. Charge égale, jamais par-dessus la '
            .'cabine ; les petits sont vite pleins.',
    ],
    ['An uneven load turns the lorry over when it tips.', 'Une charge inégale renverse le camion quand il vide.'],
    ['What falls over the far side hits whoever walks there.', 'Ce qui tombe de l\'autre côté frappe qui y marche.'],
    ['Stack, unstack', 'Empiler, désempiler'],
    [
        'Stack: slowly to a foot, above the top, in, level, lower, look both sides, straight out. From a stack: '
            .'height standing, in to the heel, clear of the layer, straight back past the edge, stop, lower.',
        'Empiler : lentement à un pied, au-dessus, entrez, de niveau, baissez, regardez des deux côtés, sortez '
            .'droit. D\'une pile : hauteur à l\'arrêt, entrez au talon, dégagez la couche, droit en arrière passé le '
            .'bord, arrêt, baissez.',
    ],
    [
        'A high mast moves far at the top for little at the wheel.',
        'Un mât haut bouge beaucoup en haut pour peu au volant.',
    ],
    ['The layer beneath comes along.', 'La couche du dessous vient avec.'],
    ['Close and low', 'Près et bas'],
    [
        'Arm in before you lift and before you drive; the load close and low. Near the limit the warning comes: '
            .'stop, arm in.',
        'Bras rentré avant de lever et avant de rouler ; la charge près et bas. Près de la limite '
            .'l\'avertissement vient : arrêtez, rentrez le bras.',
    ],
    ['Each metre out takes more than the last.', 'Chaque mètre dehors prend plus que le précédent.'],
    ['Forward over the front wheels.', 'En avant par-dessus les roues avant.'],
    ['Driving raised', 'Rouler levé'],
    [
        'Only slow, level, clear and where the manual allows it. Look down on the way and while you come down: '
            .'nothing between deck and base.',
        'Seulement lent, plat, libre et où le manuel le permet. Regardez en bas en route et en descendant : rien '
            .'entre plateau et base.',
    ],
    ['A small hole is a large sway up there.', 'Un petit trou est un grand balancement là-haut.'],
    ['Hung up on a beam, then free: thrown.', 'Accroché à une poutre, puis libre : projeté.'],
    ['Revs and gears', 'Régimes et rapports'],
    [
        'Work in the marked band. Stay in gear, slow with the foot brake, never coast. On the way in the gear '
            .'for it, not the highest: tyres get hot.',
        'Travaillez dans la plage marquée. Restez en prise, freinez au pied, jamais en roue libre. En descente '
            .'le rapport qu\'il faut, pas le plus haut : les pneus chauffent.',
    ],
    ['Coasting takes brake and steering.', 'La roue libre ôte frein et direction.'],
    ['The overspeed lamp: brake, at once.', 'Le voyant de survitesse : freinez, aussitôt.'],
    ['On the way', 'En route'],
    [
        'Never raise or lower while it rolls. Arms and legs inside. Slow at corners, smooth stops, a length '
            .'between you and others.',
        'Ne levez ni ne baissez jamais en roulant. Bras et jambes dedans. Lent aux angles, arrêts doux, une '
            .'longueur entre vous et les autres.',
    ],
    ['The load moves on when you stop.', 'La charge continue quand vous arrêtez.'],
    ['Turned fast, it tips with nothing on it.', 'Tourné vite, il bascule même sans rien.'],
    ['The bypass', 'La dérivation'],
    [
        'Held only, for a moment, to bring the arm in. Never to lift.',
        'Maintenue seulement, un instant, pour rentrer le bras. Jamais pour lever.',
    ],
    ['It takes away what keeps you upright.', 'Elle ôte ce qui vous tient debout.'],
    ['Whoever lifts on the bypass tips.', 'Qui lève en dérivation bascule.'],
    ['Near steel', 'Près de l\'acier'],
    [
        'Work near beams or roofs: a written method first, slow mode, a helper who can lower you. Hands and head '
            .'inside.',
        'Travail près de poutres ou toits : d\'abord une méthode écrite, mode lent, un aide qui peut vous '
            .'descendre. Mains et tête dedans.',
    ],
    ['You back into what you do not see.', 'Vous reculez dans ce que vous ne voyez pas.'],
    ['Pinned between rail and beam.', 'Coincé entre garde-corps et poutre.'],
    ['Into the pile', 'Dans le tas'],
    [
        'Straight on, never articulated, first gear, lock-up off. Edge on the floor just before the toe, level; '
            .'lift a little so the front axle bites.',
        'De face, jamais articulé, première, blocage ôté. L\'arête au sol juste avant le pied, de niveau ; levez '
            .'un peu pour que l\'essieu avant morde.',
    ],
    ['The frame stands straight when the load comes.', 'Le châssis est droit quand la charge vient.'],
    ['Heel off the floor, or it wears away.', 'Talon décollé du sol, sinon il s\'use.'],
    ['Leave some stroke', 'Laisser de la course'],
    [
        'Never run stick or bucket to the very end. Work with boom and stick at mid reach.',
        'N\'amenez jamais balancier ni godet tout au bout. Travaillez flèche et balancier à mi-portée.',
    ],
    [
        'There it is strongest and most exact, and the rams live.',
        'Là elle est la plus forte et la plus juste, et les vérins vivent.',
    ],
    ['A ram driven into its end bends.', 'Un vérin poussé à bout plie.'],
    ['Set it down first', 'La caler d\'abord'],
    [
        'Blade or outriggers down on firm ground before it reaches over the side.',
        'Lame ou stabilisateurs au sol ferme avant d\'aller sur le côté.',
    ],
    ['On its tyres it leans before it warns.', 'Sur ses pneus elle penche avant d\'avertir.'],
    ['Plates under the feet where the ground is soft.', 'Des plaques sous les pieds où le sol est mou.'],
    ['Blade low, look back', 'Lame basse, regard derrière'],
    [
        'Blade low on the way, ripper up. Look behind before you reverse: the ripper hides the ground.',
        'Lame basse en route, ripper levé. Regardez derrière avant de reculer : le ripper cache le sol.',
    ],
    ['The view is in front, the danger behind.', 'La vue est devant, le danger derrière.'],
    ['At an edge, push the last load with the next one.', 'À un bord, poussez la dernière charge avec la suivante.'],
    ['Body up', 'Benne levée'],
    [
        'Level, straight, nobody near, look up. Lower it wholly before you drive. Under a raised body only with '
            .'the prop in.',
        'De niveau, droit, personne près, regardez en haut. Baissez-la entièrement avant de rouler. Sous une '
            .'benne levée seulement béquille mise.',
    ],
    ['A raised body on a slope takes the machine with it.', 'Une benne levée en pente emporte la machine.'],
    ['A body that falls gives no warning.', 'Une benne qui tombe n\'avertit pas.'],
    ['Edges and kerbs', 'Bords et bordures'],
    [
        'A drum\'s width from the edge; uphill with the driven drum. Roll bar up, belt on, always.',
        'Une largeur de cylindre du bord ; vers l\'amont avec le cylindre moteur. Arceau levé, ceinture mise, '
            .'toujours.',
    ],
    ['The edge of fresh fill carries nothing.', 'Le bord d\'un remblai frais ne porte rien.'],
    ['It rolls over sideways, fast.', 'Il se renverse de côté, vite.'],
    ['Horn at corners', 'Klaxon aux angles'],
    [
        'Horn at corners, doors and crossings, whether you see somebody or not. People and other drivers cross '
            .'your lane.',
        'Klaxon aux angles, portes et croisements, que vous voyiez quelqu\'un ou non. Gens et autres chariots '
            .'croisent votre voie.',
    ],
    ['They hear you before they see you.', 'Ils vous entendent avant de vous voir.'],
    ['Walkers go first, always.', 'Les piétons d\'abord, toujours.'],
    ['Work modes', 'Modes de travail'],
    [
        'Stack mode moves the arm by itself. Bucket mode does not extend, but draws the arm in while it lowers.',
        'Le mode empilage bouge le bras de lui-même. Le mode godet n\'étend pas, mais rentre le bras en baissant.',
    ],
    ['You want to know which one moves what.', 'Mieux vaut savoir lequel bouge quoi.'],
    ['The arm comes toward you unasked.', 'Le bras vient à vous sans être demandé.'],
    ['Picking goods', 'Prendre des articles'],
    [
        'Close to the rack, deck at the height from which goods slide across. Inner rail out only there, back '
            .'again after. Slide, do not lift; else lift with the legs.',
        'Près du rayonnage, plateau à la hauteur d\'où l\'article glisse. Garde-corps intérieur sorti seulement '
            .'là, remis après. Glissez, ne levez pas ; sinon levez des jambes.',
    ],
    [
        'It is for goods too heavy or bulky for a ladder.',
        'Il est fait pour ce qui est trop lourd ou gros pour une échelle.',
    ],
    ['Reaching far is how people fall.', 'C\'est en se penchant loin qu\'on tombe.'],
    ['One move', 'Un seul mouvement'],
    [
        'Crowd, lift, roll, finish in one flowing move, in the zone from floor to axle height; tight material '
            .'two to four times. Shake off at the toe.',
        'Pénétrer, lever, rouler, finir d\'un mouvement, dans la zone du sol à l\'essieu ; matière serrée deux à '
            .'quatre fois. Secouez au pied.',
    ],
    ['Fewer jerks, more load, whole pins.', 'Moins d\'à-coups, plus de charge, axes entiers.'],
    ['Hard material: less each time, one pass more.', 'Matière dure : moins chaque fois, une passe de plus.'],
    ['Short swing', 'Courte rotation'],
    [
        'Heap and lorry so that the swing is short. Level with short strokes of the arm.',
        'Tas et camion de sorte que la rotation soit courte. Nivelez à petits coups de bras.',
    ],
    [
        'Less time, less fuel, less of the circle to watch.',
        'Moins de temps, moins de carburant, moins de cercle à surveiller.',
    ],
    ['The tail swings where people stand.', 'L\'arrière balaie où des gens se tiennent.'],
    ['Look at the floor', 'Regarder le sol'],
    [
        'Look ahead for water, ice, oil, holes. Slower where it shines.',
        'Regardez devant : eau, huile, glace, trous. Plus lent où cela brille.',
    ],
    [
        'With speed the way to stop grows more than you think.',
        'Avec la vitesse l\'arrêt s\'allonge plus que vous ne pensez.',
    ],
    ['A wet dock plate is ice.', 'Une passerelle mouillée est de la glace.'],
    ['Under a face', 'Sous un front'],
    [
        'Never undercut, comb or climb it, never build a ramp to an overhang. Face one to one and a half buckets '
            .'wide for each truck.',
        'Ne le minez, ne le peignez, ne le gravissez jamais, ne faites jamais de rampe vers un surplomb. Un '
            .'front d\'un à un godet et demi de large par camion.',
    ],
    ['What hangs comes down when you are under it.', 'Ce qui pend tombe quand vous êtes dessous.'],
    [
        'Big lumps: work round them, carry them on a bed of material.',
        'Gros blocs : contournez-les, portez-les sur un lit de matière.',
    ],
    ['Ramps', 'Rampes'],
    [
        'Loaded: load uphill, both ways. Empty: forks downhill. Never turn on it, keep away from its edge.',
        'Chargé : charge vers l\'amont, dans les deux sens. Vide : fourches vers l\'aval. N\'y tournez jamais, '
            .'restez loin de son bord.',
    ],
    ['The load slides off the forks, downhill.', 'La charge glisse des fourches, vers l\'aval.'],
    ['Sideways it tips at once.', 'De côté il bascule aussitôt.'],
    ['Beside the truck', 'À côté du camion'],
    [
        'Truck at 45 to 55 degrees, its rail under the hinge pins. Short legs: one to one and a half turns of '
            .'the tyre. First pass low and soft, then centred, off the rear axle.',
        'Camion à 45 à 55 degrés, sa ridelle sous les axes. Courtes jambes : un à un tour et demi de roue. '
            .'Première passe basse et douce, puis centrée, hors de l\'essieu arrière.',
    ],
    ['Short ways, even load, whole truck.', 'Chemins courts, charge égale, camion entier.'],
    [
        'Older drives: neutraliser each time; newer ones only at the truck.',
        'Vieilles transmissions : neutralisateur chaque fois ; récentes seulement au camion.',
    ],
    ['Docks and trailers', 'Quais et remorques'],
    [
        'Plate fixed, strong enough, level, clean and dry. Trailer chocked, braked or locked. Its floor and '
            .'headroom seen before you go in.',
        'Passerelle fixée, assez forte, de niveau, propre et sèche. Remorque calée, freinée ou verrouillée. Son '
            .'plancher et sa hauteur vus avant d\'entrer.',
    ],
    ['A trailer that rolls opens a gap under you.', 'Une remorque qui roule ouvre un vide sous vous.'],
    ['Down between dock and trailer.', 'En bas entre quai et remorque.'],
    ['Leave the floor', 'Laisser le sol propre'],
    [
        'Clean up in first gear, toward the face. The floor level and draining off.',
        'Nettoyez en première, vers le front. Le sol plat et qui s\'égoutte.',
    ],
    ['Spillage cuts tyres, puddles make holes.', 'Ce qui tombe coupe les pneus, les flaques font des trous.'],
    ['Lock-up off while you dig, load and tidy.', 'Blocage ôté pour creuser, charger et nettoyer.'],
    ['Changing the gas', 'Changer le gaz'],
    [
        'Trained people only; outdoors or aired, no flame. Parked, engine on: close the valve, run until it '
            .'stops. Ignition off. Hose off, straps off, cylinder off; soap finds a leak.',
        'Personnes formées seulement ; dehors ou aéré, pas de flamme. Garé, moteur en marche : fermez le '
            .'robinet, laissez tourner jusqu\'à l\'arrêt. Contact coupé. Flexible ôté, sangles ôtées, bouteille ôtée '
            .'; le savon trouve une fuite.',
    ],
    ['So the hose is empty when you undo it.', 'Ainsi le flexible est vide quand vous le défaites.'],
    [
        'Gloves: the gas freezes skin at once. Glasses, toe caps, two people.',
        'Gants : le gaz gèle la peau aussitôt. Lunettes, coques, à deux.',
    ],
    ['Fuelling', 'Faire le plein'],
    [
        'Engine off and cool, no flame, no smoking, not to the brim. Clean the neck, wipe what spills.',
        'Moteur arrêté et froid, pas de flamme, pas de cigarette, pas à ras bord. Nettoyez le goulot, essuyez ce '
            .'qui coule.',
    ],
    ['Fuel expands, and lights on a hot pipe.', 'Le carburant se dilate, et s\'allume sur un tuyau chaud.'],
    [
        'Diesel in the diesel neck only, and only on a machine that you may work.',
        'Gazole dans le goulot de gazole seulement, et seulement sur une machine que vous pouvez conduire.',
    ],
    ['Loading it, towing it', 'La charger, la remorquer'],
    [
        'Onto a lorry: by somebody who has done it, level ground, clean ramps, straight, nobody beside. Tow it '
            .'only as the manual says.',
        'Sur un camion : par quelqu\'un qui l\'a fait, sol plat, rampes propres, droit, personne à côté. Ne '
            .'remorquez que comme le dit le manuel.',
    ],
    ['Most tip-overs happen on the ramp.', 'La plupart des renversements arrivent sur la rampe.'],
    ['Not in the manual: do not tow, ring us.', 'Pas dans le manuel : ne remorquez pas, appelez-nous.'],
    ['Towing it', 'La tracter'],
    [
        'Coupling locked and tried, breakaway cable on, lights tried, jockey wheel up. Nothing inside, covers '
            .'locked.',
        'Attelage verrouillé et essayé, câble de rupture mis, feux essayés, roue jockey levée. Rien dedans, '
            .'capots fermés.',
    ],
    ['A trailer that comes off goes its own way.', 'Une remorque qui lâche va son chemin.'],
    ['Its weight and your licence stand on plates.', 'Son poids et votre permis sont sur des plaques.'],
    ['Blades off', 'Lames arrêtées'],
    ['Disengage the blades. Wait for them to stop.', 'Débrayez les lames. Attendez qu\'elles s\'arrêtent.'],
    ['They run on for up to five seconds.', 'Elles tournent encore jusqu\'à cinq secondes.'],
    ['No hand near the chute until you hear nothing.', 'Pas de main près de la goulotte avant de ne rien entendre.'],
    ['Stopped in', 'Arrêtées dans'],
    ['Empty it', 'La vider'],
    [
        'Leave nothing on it and nothing in it. Leave the floor clean.',
        'Ne laissez rien dessus ni dedans. Laissez le sol propre.',
    ],
    ['The next one starts with nothing hanging.', 'Le suivant commence sans rien qui pend.'],
    ['A load left up comes down by itself.', 'Une charge laissée en haut descend d\'elle-même.'],
    ['Take the load off', 'Ôter la charge'],
    [
        'Breaker open. Let it run without load until it has cooled.',
        'Disjoncteur ouvert. Laissez tourner sans charge jusqu\'à ce qu\'il ait refroidi.',
    ],
    ['Windings and engine cool evenly.', 'Bobinages et moteur refroidissent également.'],
    ['Nobody pulls a plug under load.', 'Personne ne tire une prise en charge.'],
    ['Stop in', 'Arrêter dans'],
    ['Outlets shut', 'Sorties fermées'],
    [
        'Outlets shut, hoses emptied and off. Let it run unloaded, then stop.',
        'Sorties fermées, flexibles vidés et ôtés. Laissez tourner à vide, puis arrêtez.',
    ],
    ['Oil and air part before it stands.', 'Huile et air se séparent avant l\'arrêt.'],
    ['A hose under pressure is a whip.', 'Un flexible sous pression est un fouet.'],
    ['Mast down', 'Mât baissé'],
    [
        'Lamps off and cool, look up, mast wholly down, then the legs in.',
        'Lampes éteintes et froides, regardez en haut, mât entièrement baissé, puis les pieds rentrés.',
    ],
    ['Nothing stays up in the night\'s wind.', 'Rien ne reste en haut dans le vent de la nuit.'],
    ['Hands off the mast as it slides in.', 'Mains loin du mât quand il rentre.'],
    ['Park level', 'Garer de niveau'],
    [
        'Firm, level ground, away from doors, paths, exits and fire gear.',
        'Sol ferme et plat, loin des portes, chemins, sorties et moyens d\'incendie.',
    ],
    ['Nothing rolls, and nobody walks into it.', 'Rien ne roule, et personne ne bute dessus.'],
    [
        'Never on a slope: ring us if there is no other place.',
        'Jamais en pente : appelez-nous s\'il n\'y a pas d\'autre place.',
    ],
    [
        'Only a slope? Nose straight up or down it, brake on, chocks on the downhill side.',
        'Seulement une pente ? Le nez droit en montée ou descente, frein mis, cales du côté aval.',
    ],
    ['Firm, level ground. Deck down, brake on.', 'Sol ferme et plat. Carter baissé, frein mis.'],
    ['Nothing stays raised, nothing rolls.', 'Rien ne reste levé, rien ne roule.'],
    ['Never across a slope.', 'Jamais en travers d\'une pente.'],
    ['Park it', 'Le garer'],
    [
        'Forks down, handle upright, away from aisles, doors and exits.',
        'Fourches baissées, timon dressé, loin des allées, portes et sorties.',
    ],
    ['The upright handle is the brake.', 'Le timon dressé est le frein.'],
    [
        'Nobody trips over forks that lie on the floor, pushed in.',
        'Personne ne trébuche sur des fourches au sol, rentrées.',
    ],
    ['Down and in', 'En bas et rentré'],
    [
        'Fully lowered, retracted, centred, on firm ground, gate shut. Goods and tools out.',
        'Entièrement baissée, rentrée, centrée, sur sol ferme, portillon fermé. Articles et outils sortis.',
    ],
    [
        'No load on the rams, the smallest face to the wind.',
        'Pas de charge sur les vérins, la plus petite face au vent.',
    ],
    ['What is left raised comes down by itself.', 'Ce qui reste levé descend de lui-même.'],
    ['House in line', 'Tourelle dans l\'axe'],
    [
        'Turn the house in line with the undercarriage, step at the side. Bucket flat on the ground, rams drawn '
            .'in.',
        'Tournez la tourelle dans l\'axe du châssis, la marche de côté. Godet à plat au sol, vérins rentrés.',
    ],
    [
        'A way out that is a step, and rods out of the dirt.',
        'Une sortie qui est une marche, et des tiges hors de la saleté.',
    ],
    ['Look behind before you swing.', 'Regardez derrière avant de tourner.'],
    ['Down to the ground', 'Jusqu\'au sol'],
    ['Bucket and implements flat on the ground.', 'Godet et outils à plat au sol.'],
    ['Nothing stays raised that could fall.', 'Rien ne reste levé qui pourrait tomber.'],
    ['Arms left up come down by themselves.', 'Des bras laissés levés descendent d\'eux-mêmes.'],
    ['Arm in and down', 'Bras rentré et baissé'],
    ['Arm in, attachment flat on the ground.', 'Bras rentré, accessoire à plat au sol.'],
    ['An arm left out is a bar at head height.', 'Un bras laissé sorti est une barre à hauteur de tête.'],
    ['Forks to the floor', 'Fourches au sol'],
    [
        'Forks wholly down, tips tilted to the floor, side shift in the middle, wheels straight.',
        'Fourches entièrement baissées, pointes inclinées au sol, déport au milieu, roues droites.',
    ],
    ['Tips flush with the floor trip nobody.', 'Des pointes à ras du sol ne font trébucher personne.'],
    ['Left a hand up, they break shins.', 'Laissées d\'une main en l\'air, elles cassent des tibias.'],
    ['Blade, ripper down', 'Lame, ripper baissés'],
    ['Revs down, blade down, ripper down.', 'Régime baissé, lame baissée, ripper baissé.'],
    ['A blade left up comes down by itself.', 'Une lame laissée levée descend d\'elle-même.'],
    ['Body down', 'Benne baissée'],
    ['Body wholly down, its prop stowed.', 'Benne entièrement baissée, sa béquille rangée.'],
    [
        'It cannot fall, and the prop is whole at the next tip.',
        'Elle ne peut tomber, et la béquille est entière à la prochaine fois.',
    ],
    ['Nobody under it as it comes down.', 'Personne dessous quand elle descend.'],
    ['Vibration off', 'Vibration arrêtée'],
    ['Vibration and water off, drums straight.', 'Vibration et eau arrêtées, cylindres droits.'],
    ['Frozen water bursts the spray.', 'L\'eau gelée crève l\'arrosage.'],
    ['On a slope the drums slide: never park there.', 'En pente les cylindres glissent : n\'y garez jamais.'],
    [
        'Neutral, park brake on. Foot off: it has to stay.',
        'Point mort, frein de stationnement mis. Pied ôté : elle doit rester.',
    ],
    ['Neutral alone holds nothing.', 'Le point mort seul ne tient rien.'],
    ['A machine that rolls off finds somebody.', 'Une machine qui part trouve quelqu\'un.'],
    ['Neutral, button out', 'Point mort, bouton tiré'],
    [
        'Neutral, pull the park-brake button. Foot off: it has to stay.',
        'Point mort, tirez le bouton de stationnement. Pied ôté : elle doit rester.',
    ],
    [
        'Neutral alone holds it only while you sit there.',
        'Le point mort seul ne la tient que tant que vous êtes assis.',
    ],
    ['Neutral, park brake', 'Point mort, frein mis'],
    ['Neutral, park brake on.', 'Point mort, frein de stationnement mis.'],
    ['It has to stand before you leave the levers.', 'Elle doit tenir avant que vous quittiez les leviers.'],
    ['Tracks creep on a slope.', 'Des chenilles rampent en pente.'],
    ['A nudged lever moves nothing.', 'Un levier effleuré ne bouge rien.'],
    ['Before you open the door, every time.', 'Avant d\'ouvrir la porte, chaque fois.'],
    ['Both locks', 'Les deux verrous'],
    ['Blade lever and travel lever, both locked.', 'Levier de lame et levier d\'avance, tous deux verrouillés.'],
    ['Each holds only its own half.', 'Chacun ne tient que sa moitié.'],
    ['Let it idle', 'Laisser au ralenti'],
    ['Idle for two minutes before you stop it.', 'Ralenti deux minutes avant d\'arrêter.'],
    [
        'The turbocharger keeps its oil and the heat leaves evenly.',
        'Le turbo garde son huile et la chaleur part également.',
    ],
    ['No throttle while you stop it.', 'Pas de gaz en arrêtant.'],
    ['Idle for five minutes before you stop it.', 'Ralenti cinq minutes avant d\'arrêter.'],
    ['Stop', 'Arrêter'],
    ['Turn the key off. Once.', 'Tournez la clé sur arrêt. Une fois.'],
    ['No throttle, no second turn.', 'Pas de gaz, pas de second tour.'],
    [
        'Never leave it with the engine running, however short the pause.',
        'Ne la quittez jamais moteur en marche, si courte que soit la pause.',
    ],
    ['Press stop, let it be', 'Presser arrêt, laisser faire'],
    [
        'Press Stop once and leave it: it runs on by itself, up to four minutes. That is no fault.',
        'Pressez arrêt une fois et laissez : elle tourne encore seule, jusqu\'à quatre minutes. Ce n\'est pas '
            .'une panne.',
    ],
    ['It cools the turbocharger by itself.', 'Elle refroidit seule son turbo.'],
    [
        'Nobody presses again, nobody pulls the isolator.',
        'Personne ne presse de nouveau, personne n\'ouvre le coupe-circuit.',
    ],
    ['Still in', 'Arrêté dans'],
    ['Press stop', 'Presser arrêt'],
    ['Press Stop, once. Wait until it stands.', 'Pressez arrêt, une fois. Attendez l\'arrêt.'],
    ['There is no key to turn.', 'Il n\'y a pas de clé à tourner.'],
    ['Power off', 'Courant coupé'],
    ['Power off, key out.', 'Courant coupé, clé ôtée.'],
    ['It cannot be driven away, and nothing creeps.', 'Personne ne peut l\'emmener, et rien ne rampe.'],
    ['Off at every break, however short.', 'Coupé à chaque pause, si courte soit-elle.'],
    ['Pressure out', 'Pression ôtée'],
    [
        'Engine stopped: key to the first position, lock to live for this only, sticks round in circles until '
            .'nothing gives. Key off, lock to locked, key out.',
        'Moteur arrêté : clé au premier cran, verrou sur actif pour cela seulement, manches en cercle jusqu\'à '
            .'ce que rien ne cède. Clé sur arrêt, verrou verrouillé, clé ôtée.',
    ],
    ['Stored pressure leaves hoses and couplings.', 'La pression gardée quitte flexibles et raccords.'],
    ['Nobody under the arm: it may sink.', 'Personne sous le bras : il peut descendre.'],
    ['Both stops in', 'Les deux arrêts enfoncés'],
    ['Both stops pushed in, key to off and out.', 'Les deux arrêts enfoncés, clé sur arrêt et ôtée.'],
    ['Dead at both stations, and the key is in your hand.', 'Morte aux deux postes, et la clé est dans votre main.'],
    [
        'A platform that somebody else can start is nobody\'s.',
        'Une plate-forme qu\'un autre peut démarrer n\'est à personne.',
    ],
    ['Wait for the purge', 'Attendre la purge'],
    ['Wait by the clock before the isolator goes off.', 'Attendez au chronomètre avant d\'ouvrir le coupe-circuit.'],
    ['The exhaust fluid runs back out of its line.', 'L\'additif reflue de sa conduite.'],
    [
        'Too early leaves crystals, and a warning at the next start.',
        'Trop tôt laisse des cristaux, et un avertissement au prochain démarrage.',
    ],
    ['Isolator in', 'Coupe-circuit dans'],
    ['Wait for the lamp', 'Attendre le voyant'],
    [
        'Wait until the lamp at the isolator is out, and never less than the clock.',
        'Attendez que le voyant du coupe-circuit s\'éteigne, et jamais moins que le chronomètre.',
    ],
    [
        'While it is lit a control unit still works and the exhaust fluid runs back.',
        'Tant qu\'il brille, un calculateur travaille encore et l\'additif reflue.',
    ],
    ['Wait for three beeps', 'Attendre trois bips'],
    [
        'Wait for three beeps, and never less than the clock.',
        'Attendez trois bips, et jamais moins que le chronomètre.',
    ],
    [
        'The exhaust fluid runs back out of its line, and the beeps say when.',
        'L\'additif reflue de sa conduite, et les bips disent quand.',
    ],
    ['Wait until the lamp at the isolator is out.', 'Attendez que le voyant du coupe-circuit s\'éteigne.'],
    ['While it is lit a control unit still works.', 'Tant qu\'il brille, un calculateur travaille encore.'],
    ['Too early loses what it was writing.', 'Trop tôt perd ce qu\'il écrivait.'],
    ['Isolator off', 'Coupe-circuit ouvert'],
    ['Turn the isolator off, take its key.', 'Ouvrez le coupe-circuit, prenez sa clé.'],
    ['No flat battery, and no start by others.', 'Pas de batterie vide, et pas de démarrage par d\'autres.'],
    ['Key in your pocket, not in the door.', 'La clé dans votre poche, pas sur la porte.'],
    ['Charge it', 'La charger'],
    [
        'Aired room, no flame, no smoking. Charger off, plug in, charger on; off again before you pull. Only '
            .'people shown how.',
        'Local aéré, pas de flamme, pas de cigarette. Chargeur arrêté, branchez, chargeur en marche ; arrêté '
            .'avant de débrancher. Seulement qui l\'a appris.',
    ],
    ['A spark at the plug lights the gas of a battery.', 'Une étincelle à la prise allume le gaz d\'une batterie.'],
    [
        'Acid: glasses, gloves, apron; rinse eyes for 15 minutes, then a doctor.',
        'Acide : lunettes, gants, tablier ; rincez les yeux 15 minutes, puis un médecin.',
    ],
    ['Lock it, climb down', 'Fermer, descendre'],
    [
        'Key out, everything shut and locked. Climb down facing the machine.',
        'Clé ôtée, tout fermé et verrouillé. Descendez face à la machine.',
    ],
    ['Theft, rain and children.', 'Vol, pluie et enfants.'],
    ['Jumping breaks ankles.', 'Sauter casse des chevilles.'],
    ['Lock it', 'La fermer'],
    ['Key out, covers and panels shut and locked.', 'Clé ôtée, capots et panneaux fermés et verrouillés.'],
    ['A key left in starts it for anybody.', 'Une clé laissée la démarre pour n\'importe qui.'],
    ['Last look', 'Dernier regard'],
    ['Walk round it once. Write down hours and faults.', 'Faites-en le tour une fois. Notez heures et pannes.'],
    ['What is found now has a known cause.', 'Ce qui est trouvé maintenant a une cause connue.'],
    ['Tell the next person, in writing.', 'Dites-le au suivant, par écrit.'],
    ['Gas shut overnight', 'Gaz fermé la nuit'],
    [
        'Close the valve of the cylinder after the last use. Park it away from heat.',
        'Fermez le robinet de la bouteille après le dernier usage. Garez loin de la chaleur.',
    ],
    ['No gas escapes in the night.', 'Aucun gaz ne s\'échappe la nuit.'],
    ['Gas lies in pits and cellars.', 'Le gaz dort dans les fosses et les caves.'],
    ['Fuel when cool', 'Le plein à froid'],
    [
        'Fill it when the engine is off and cool. Not to the brim.',
        'Faites le plein moteur arrêté et froid. Pas à ras bord.',
    ],
    ['Fuel expands; a hot silencer lights it.', 'Le carburant se dilate ; un silencieux chaud l\'allume.'],
    ['No flame, no smoking.', 'Pas de flamme, pas de cigarette.'],
    ['Fuel after work', 'Le plein après le travail'],
    [
        'Fill it after work, engine off. Not to the brim.',
        'Faites le plein après le travail, moteur arrêté. Pas à ras bord.',
    ],
    ['Less water gathers in the tank.', 'Moins d\'eau se forme dans le réservoir.'],
    ['Engine cool, no flame, no smoking.', 'Moteur froid, pas de flamme, pas de cigarette.'],
    ['Tracks in frost', 'Chenilles par gel'],
    ['Clean the tracks, park on planks or gravel.', 'Nettoyez les chenilles, garez sur planches ou gravier.'],
    [
        'Mud that freezes holds the tracks and tears a drive.',
        'La boue qui gèle tient les chenilles et casse un réducteur.',
    ],
    ['Never break them free with the bucket.', 'Ne les dégagez jamais au godet.'],
    ['Frost and rain', 'Gel et pluie'],
    [
        'Frost ahead: drain what holds water, cover what the rain can reach.',
        'Gel prévu : vidangez ce qui tient de l\'eau, couvrez ce que la pluie atteint.',
    ],
    ['It starts the next morning.', 'Elle démarre le lendemain.'],
    [
        'Frozen brakes and tracks: ring us before you force them.',
        'Freins et chenilles gelés : appelez-nous avant de forcer.',
    ],
    ['Articulated dump truck', 'Tombereau articulé'],
    ['Front right tyre', 'Pneu avant droit'],
    ['Front left tyre', 'Pneu avant gauche'],
    ['Middle right tyre', 'Pneu du milieu droit'],
    ['Middle left tyre', 'Pneu du milieu gauche'],
    ['Rear right tyre', 'Pneu arrière droit'],
    ['Rear left tyre', 'Pneu arrière gauche'],
    ['Engine hood', 'Capot moteur'],
    ['Cab and glass', 'Cabine et vitres'],
    ['Cab roof and seat', 'Toit de cabine et siège'],
    ['Articulation hinge', 'Articulation'],
    ['Hydraulic tank', 'Réservoir hydraulique'],
    ['Body', 'Benne'],
    ['Body tail', 'Arrière de benne'],
    ['Boom lift', 'Nacelle à bras'],
    ['Chassis', 'Châssis'],
    ['Right cover', 'Capot droit'],
    ['Left cover and panel', 'Capot gauche et pupitre'],
    ['Boom', 'Bras'],
    ['Jib', 'Pendulaire'],
    ['Basket', 'Panier'],
    ['Counterweight', 'Contrepoids'],
    ['Compact tractor', 'Tracteur compact'],
    ['Bucket', 'Godet'],
    ['Loader arms', 'Bras de chargeur'],
    ['Hood', 'Capot'],
    ['Operator deck', 'Poste de conduite'],
    ['Roll bar', 'Arceau'],
    ['Hitch and shaft', 'Attelage et arbre'],
    ['Towable compressor', 'Compresseur tracté'],
    ['Drawbar', 'Timon'],
    ['Right wheel', 'Roue droite'],
    ['Left wheel', 'Roue gauche'],
    ['Canopy', 'Capotage'],
    ['Lid', 'Couvercle'],
    ['Control panel', 'Panneau de commande'],
    ['Air outlets', 'Sorties d\'air'],
    ['Counterbalance truck', 'Chariot à contrepoids'],
    ['Front right wheel', 'Roue avant droite'],
    ['Front left wheel', 'Roue avant gauche'],
    ['Rear right wheel', 'Roue arrière droite'],
    ['Rear left wheel', 'Roue arrière gauche'],
    ['Forks', 'Fourches'],
    ['Carriage and backrest', 'Tablier et dosseret'],
    ['Mast', 'Mât'],
    ['Hood and energy', 'Capot et énergie'],
    ['Overhead guard', 'Toit protecteur'],
    ['Crawler dozer', 'Bouteur sur chenilles'],
    ['Right track', 'Chenille droite'],
    ['Left track', 'Chenille gauche'],
    ['Blade', 'Lame'],
    ['Push arms', 'Bras de poussée'],
    ['Left push arm', 'Bras de poussée gauche'],
    ['Tanks', 'Réservoirs'],
    ['Ripper', 'Ripper'],
    ['Trailer generator', 'Groupe électrogène sur remorque'],
    ['Cooler louvres', 'Persiennes du radiateur'],
    ['Lighting tower', 'Mât d\'éclairage'],
    ['Front right outrigger', 'Stabilisateur avant droit'],
    ['Front left outrigger', 'Stabilisateur avant gauche'],
    ['Rear right outrigger', 'Stabilisateur arrière droit'],
    ['Rear left outrigger', 'Stabilisateur arrière gauche'],
    ['Mast and lamps', 'Mât et projecteurs'],
    ['Vertical mast lift', 'Nacelle à mât vertical'],
    ['Right wheels', 'Roues droites'],
    ['Left wheels', 'Roues gauches'],
    ['Platform and rails', 'Plate-forme et garde-corps'],
    ['Battery box', 'Coffre de batterie'],
    ['Ground panel', 'Poste du sol'],
    ['Mini excavator', 'Minipelle'],
    ['Upper structure', 'Tourelle'],
    ['Electric pallet truck', 'Transpalette électrique'],
    ['Right fork', 'Fourche droite'],
    ['Left fork', 'Fourche gauche'],
    ['Fork bridge', 'Pont de fourches'],
    ['Drive unit', 'Groupe moteur'],
    ['Tiller', 'Timon de conduite'],
    ['Rider deck', 'Plate-forme du conducteur'],
    ['Power stacker', 'Gerbeur électrique'],
    ['Right leg', 'Longeron droit'],
    ['Left leg', 'Longeron gauche'],
    ['Ride-on mower', 'Tondeuse autoportée'],
    ['Cutting deck', 'Carter de coupe'],
    ['Dash and wheel', 'Tableau de bord et volant'],
    ['Fender and tank', 'Aile et réservoir'],
    ['Seat pan', 'Assise'],
    ['Rear plate', 'Plaque arrière'],
    ['Collector', 'Bac'],
    ['Tandem roller', 'Rouleau tandem'],
    ['Front drum', 'Cylindre avant'],
    ['Rear drum', 'Cylindre arrière'],
    ['Right yokes', 'Fourches droites du cylindre'],
    ['Left yokes', 'Fourches gauches du cylindre'],
    ['Articulation joint', 'Articulation centrale'],
    ['Seat and roll bar', 'Siège et arceau'],
    ['Rough-terrain straight-mast truck', 'Chariot tout-terrain à mât droit'],
    ['Engine hood and counterweight', 'Capot moteur et contrepoids'],
    ['Scissor lift', 'Nacelle à ciseaux'],
    ['Battery tray', 'Tiroir de batterie'],
    ['Hydraulic tray', 'Tiroir hydraulique'],
    ['Extension deck', 'Plateau d\'extension'],
    ['Ladder and gate', 'Échelle et portillon'],
    ['Site dumper', 'Dumper de chantier'],
    ['Skip', 'Benne du dumper'],
    ['Rear body', 'Carrosserie arrière'],
    ['Telehandler', 'Chariot télescopique'],
    ['Engine pod', 'Compartiment moteur'],
    ['Carriage', 'Tablier'],
    ['Tracked excavator', 'Pelle sur chenilles'],
    ['Arm', 'Balancier'],
    ['Boom rams and hoses', 'Vérins et flexibles de flèche'],
    ['Tool box', 'Coffre à outils'],
    ['Fuel tank', 'Réservoir de carburant'],
    ['Cooler door', 'Porte du radiateur'],
    ['Wheel loader', 'Chargeuse sur pneus'],
    ['Grille and counterweight', 'Calandre et contrepoids'],
    ['Wheeled excavator', 'Pelle sur pneus'],
    ['Front right tyres', 'Pneus avant droits'],
    ['Front left tyres', 'Pneus avant gauches'],
    ['Rear right tyres', 'Pneus arrière droits'],
    ['Rear left tyres', 'Pneus arrière gauches'],
    ['Stabiliser blade', 'Lame stabilisatrice'],
    ['New engine: oil looked at twice a shift', 'Moteur neuf : huile regardée deux fois par poste'],
    [
        'Engine off, level, five minutes. Stick before the start and again at noon: a new engine takes oil while it runs '
            .'in.',
        'Moteur arrêté, à plat, cinq minutes. Jauge avant le démarrage et encore à midi : un moteur neuf consomme de '
            .'l\'huile en rodage.',
    ],
    ['Fuel and water separator drained', 'Séparateur d\'eau et carburant purgé'],
    [
        'Engine off, can under the bowl. Open until clean fuel comes, shut, wipe, look for drips.',
        'Moteur arrêté, un bidon sous le bol. Ouvrez jusqu\'au carburant clair, fermez, essuyez, cherchez des '
            .'gouttes.',
    ],
    ['Grease: hard-working pivots', 'Graisse : axes très sollicités'],
    [
        'Engine off, structure propped, key in the pocket. Wipe the nipple, pump until clean grease shows, count '
            .'the points, wipe off.',
        'Moteur arrêté, structure calée, clé en poche. Essuyez le graisseur, pompez jusqu\'à graisse propre, '
            .'comptez les points, essuyez.',
    ],
    ['Grease: articulation joint and its cylinders', 'Graisse : articulation et ses vérins'],
    [
        'Lock bar in, engine off. Every nipple of the joint and of both cylinders.',
        'Barre de blocage mise, moteur arrêté. Chaque graisseur de l\'articulation et des deux vérins.',
    ],
    ['Air receivers drained', 'Réservoirs d\'air purgés'],
    [
        'Pull or turn the valve of each receiver until dry air comes.',
        'Tirez ou tournez la vanne de chaque réservoir jusqu\'à l\'air sec.',
    ],
    ['Grease: deck spindles and wheels', 'Graisse : paliers et roues du carter'],
    ['Key out. Spindles, castor wheels, lift arms.', 'Clé ôtée. Paliers, roulettes, bras de levage.'],
    [
        'Keep the distance that the owner of the line says: machine, load and people.',
        'Gardez la distance que dit le propriétaire de la ligne : machine, charge et gens.',
    ],
    [
        'Ask who owns the line and its voltage. Until then the largest distance holds.',
        'Demandez à qui est la ligne et sa tension. D\'ici là vaut la plus grande distance.',
    ],
    [
        'Measure the steepest ground first; the least slope of the manual counts.',
        'Mesurez d\'abord le sol le plus raide ; la plus petite pente du manuel compte.',
    ],
    ['Ask how steep it is. Level is not assumed.', 'Demandez quelle est la pente. Le plat n\'est pas supposé.'],
    [
        'Plates under wheels and legs; look at them each hour.',
        'Des plaques sous roues et pieds ; regardez-les chaque heure.',
    ],
    [
        'Ask what the ground carries, and about drains, cellars and fill.',
        'Demandez ce que porte le sol, et s\'il y a drains, caves et remblais.',
    ],
    [
        'Mind ceiling, floor load and fire doors; air the place before anything is started.',
        'Attention au plafond, à la charge du sol et aux portes coupe-feu ; aérez avant de démarrer quoi que ce '
            .'soit.',
    ],
    [
        'Ask about roof height, floor and air. An engine indoors is not assumed.',
        'Demandez hauteur du toit, sol et aération. Un moteur à l\'intérieur n\'est pas supposé.',
    ],
    [
        'Close the area off; somebody on the ground watches who comes.',
        'Fermez la zone ; quelqu\'un au sol surveille qui vient.',
    ],
    [
        'Ask about the road and who walks by. Until then close it off.',
        'Demandez pour la route et qui passe. D\'ici là fermez-la.',
    ],
    [
        'Hand sheets in flat, none larger than the manual says; less wind is allowed.',
        'Passez les plaques à plat, pas plus grandes que dit le manuel ; moins de vent est permis.',
    ],
    [
        'Ask what goes up. Until then the lower wind limit holds.',
        'Demandez ce qui monte. D\'ici là vaut la limite de vent basse.',
    ],
    [
        'Stay back from the edge; lanyard off and life vest on over water.',
        'Restez loin du bord ; au-dessus de l\'eau, longe ôtée et gilet de sauvetage.',
    ],
    [
        'Ask for edges, shafts and water. Until then stay away from what is not seen.',
        'Demandez bords, puits et eau. D\'ici là restez loin de ce qui ne se voit pas.',
    ],
    ['Agree on who goes where, and on one sign for stop.', 'Convenez de qui va où, et d\'un signe d\'arrêt.'],
    ['Ask who else works there.', 'Demandez qui d\'autre y travaille.'],
    [
        'Warm it through, keep steps and tracks free of ice, drain what holds water.',
        'Chauffez-la entièrement, marches et chenilles sans glace, vidangez ce qui tient de l\'eau.',
    ],
    [
        'Ask how cold the nights are. Until then frost is counted on.',
        'Demandez combien il gèle la nuit. D\'ici là on compte avec le gel.',
    ],
    [
        'The place is lit, lamps work, people wear what shines.',
        'La place est éclairée, les feux marchent, les gens portent ce qui brille.',
    ],
    [
        'Ask until what hour they work. Until then lamps are counted on.',
        'Demandez jusqu\'à quelle heure on travaille. D\'ici là on compte avec les feux.',
    ],
    ['Slope of the ground', 'Pente du sol'],
    ['Plates under wheels and legs', 'Plaques sous roues et pieds'],
    ['Tracks on the ground', 'Chenilles au sol'],
    ['Wheels on the ground', 'Roues au sol'],
    ['Edge of an excavation', 'Bord d\'une fouille'],
    ['Room to slew', 'Place pour tourner'],
    ['Overhead line', 'Ligne aérienne'],
    ['What a bucket weighs', 'Ce que pèse un godet'],
    ['Carried of what tips it', 'Ce qu\'elle porte de sa charge de basculement'],
    ['What a blade pushes', 'Ce que pousse une lame'],
    ['Forks and chains, measured', 'Fourches et chaînes, mesurées'],
    ['Load further out', 'Charge plus loin'],
    ['Load chart', 'Abaque de charge'],
    ['Ramp and dock plate', 'Rampe et passerelle'],
    ['Room to stop', 'Place pour s\'arrêter'],
    ['Mast that sinks', 'Mât qui descend'],
    ['Shaking of the day', 'Vibrations du jour'],
    ['Noise of the day', 'Bruit du jour'],
    ['On the platform', 'Sur la plate-forme'],
    ['Wind at the platform', 'Vent à la plate-forme'],
    ['Reach to the job', 'Portée jusqu\'au travail'],
    ['What the set feeds', 'Ce que le groupe alimente'],
    ['Voltage lost in the cable', 'Tension perdue dans le câble'],
    ['Air for the tools', 'Air pour les outils'],
    ['Towers apart', 'Distance entre mâts'],
    ['Fuel for this hire', 'Carburant pour cette location'],
    ['Battery and charging', 'Batterie et charge'],
    ['Tied down by chains', 'Arrimée par chaînes'],
    ['Lashed by EN 12195-1', 'Arrimée selon EN 12195-1'],
    ['Ramps to the deck', 'Rampes vers le plateau'],
    ['Height and width on the lorry', 'Hauteur et largeur sur le camion'],
    ['Does it stand by itself', 'Tient-elle d\'elle-même'],
    ['Axles of the lorry', 'Essieux du camion'],
    ['Slope to mow', 'Pente à tondre'],
    ['Power take-off', 'Prise de force'],
    ['Boom foot', 'Pied de flèche'],
    ['Boom rams, both ends', 'Vérins de flèche, deux bouts'],
    ['Arm pin at the boom', 'Axe du balancier sur la flèche'],
    ['Arm ram, both ends', 'Vérin de balancier, deux bouts'],
    ['Bucket ram and its links', 'Vérin de godet et ses biellettes'],
    ['Bucket pins', 'Axes du godet'],
    ['Swing post and its ram', 'Pivot de flèche et son vérin'],
    ['Blade arms and ram', 'Bras de lame et vérin'],
    ['Arm pins at the frame', 'Axes des bras au châssis'],
    ['Lift rams, both ends', 'Vérins de levage, deux bouts'],
    ['Tilt ram and bell crank', 'Vérin de cavage et renvoi'],
    ['Bucket pins and links', 'Axes et biellettes du godet'],
    ['Loader arms at the frame', 'Bras du chargeur au châssis'],
    ['Loader rams, both ends', 'Vérins du chargeur, deux bouts'],
    ['Loader bucket pins', 'Axes du godet du chargeur'],
    ['Boom pivot and lift ram', 'Pivot du bras et vérin de levage'],
    ['Carriage pivot and tilt ram', 'Pivot du tablier et vérin d\'inclinaison'],
    ['Body hinge', 'Charnière de benne'],
    ['Tipping rams, both ends', 'Vérins de bennage, deux bouts'],
    ['Skip hinge', 'Charnière de la benne'],
    ['Tipping ram, both ends', 'Vérin de bennage, deux bouts'],
    ['Swivel plate and its ram', 'Plateau tournant et son vérin'],
    ['Push-arm trunnions', 'Tourillons des bras de poussée'],
    ['Blade lift rams, both ends', 'Vérins de lame, deux bouts'],
    ['Blade tilt ram and brace', 'Vérin d\'inclinaison et tirant de lame'],
    ['Ripper rams and links', 'Vérins et biellettes du ripper'],
    ['Joint, upper bearing', 'Articulation, palier supérieur'],
    ['Joint, lower bearing', 'Articulation, palier inférieur'],
    ['Steering rams, both ends', 'Vérins de direction, deux bouts'],
    ['Deck spindles', 'Paliers du plateau'],
    ['Castor wheels', 'Roues pivotantes'],
    ['Lift arms of the deck', 'Bras de levage du plateau'],
    ['In the heat', 'Par forte chaleur'],
    [
        'Water and shade for people. Screens and coolers clean, the gauge in sight; it climbs: idle, then stop.',
        'Eau et ombre pour les gens. Grilles et radiateurs propres, la jauge en vue ; elle monte : ralenti, puis arrêt.',
    ],
    [
        'Heat takes people and engines by surprise: both are past it before they notice.',
        'La chaleur surprend gens et moteurs : quand on le voit, c\'est trop tard.',
    ],
    [
        'Never open a hot radiator. Steel in the sun burns a bare hand.',
        'N\'ouvrez jamais un radiateur chaud. L\'acier au soleil brûle une main nue.',
    ],
    [
        'Water and shade for people. Charge in the shade, and let a hot battery cool before you plug it in.',
        'Eau et ombre pour les gens. Chargez à l\'ombre, et laissez refroidir une batterie chaude avant de la brancher.',
    ],
    ['Heat shortens a battery and takes people by surprise.', 'La chaleur use la batterie et surprend les gens.'],
    ['Steel in the sun burns a bare hand.', 'L\'acier au soleil brûle une main nue.'],
    ['Harness with its lanyard', 'Harnais avec sa longe'],
    ['Helmet with a chin strap', 'Casque avec jugulaire'],
    ['Ear defenders', 'Casque antibruit'],
    ['Goggles or face shield', 'Lunettes ou écran facial'],
    ['Padlock and chain', 'Cadenas et chaîne'],
    ['Spare key, beside the ring', 'Clé de réserve, hors du trousseau'],
    ['Pair of chocks', 'Paire de cales'],
    ['Plates under legs or wheels', 'Plaques sous pieds ou roues'],
    ['Pair of loading ramps', 'Paire de rampes de chargement'],
    ['Chain with its binder', 'Chaîne avec son tendeur'],
    ['Charger with its lead', 'Chargeur avec son cordon'],
    ['Spare gas cylinder', 'Bouteille de gaz de réserve'],
    ['Fuel can', 'Bidon de carburant'],
    ['Grease gun', 'Pompe à graisse'],
    ['Drip tray', 'Bac de rétention'],
    ['Cable on its drum', 'Câble sur son enrouleur'],
    ['Earth spike with its lead', 'Piquet de terre avec son fil'],
    ['Air hose with its safety pins', 'Flexible d\'air avec ses goupilles'],
], 1, 0);
